<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

/** A part of the catalogue's form, in the order of a manual. */
enum ManualPart
{
    case Identity;
    case Holding;
    case Harness;
    /** Of every mode. */
    case Mode;
    case HarnessMode;
    case BoosterMode;
    /** Of every mode, last. */
    case ModeParts;
}
