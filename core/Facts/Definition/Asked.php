<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

use Attribute;
use MintBuckle\Core\Finding\Station;

/** A fact that a person is asked: where and when it is looked at. Its words are in lang/<language>/facts.php, by its path. */
#[Attribute(Attribute::TARGET_PROPERTY)]
final readonly class Asked
{
    /**
     * @param int $order within the station, the lowest first
     * @param AnswerKind|null $as how it is answered, where its type does not tell
     * @param AnswersFrom|null $from where the seat or the car gives the answers there are
     * @param list<string> $answers those there are, where neither the type nor the seat gives them
     */
    public function __construct(
        public Station $station,
        public int $order,
        public AskedWhen $when = AskedWhen::InTurn,
        public ?AnswerKind $as = null,
        public ?AnswersFrom $from = null,
        public array $answers = [],
    ) {}
}
