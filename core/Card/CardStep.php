<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

/** One step of the installation card, and how to see that it is done. */
final readonly class CardStep
{
    public function __construct(public string $step, public string $check) {}
}
