<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** Whether an infant shell stands on its base. */
enum BaseUse: string
{
    case Used = 'used';
    case None = 'none';
}
