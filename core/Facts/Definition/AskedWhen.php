<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

/** When a fact is asked of a person. */
enum AskedWhen
{
    /** When a rule needs it; else it may be noted besides at its station. */
    case InTurn;
    /** When a rule needs it, and not else. */
    case WhenNeeded;
    /** A figure of the manual that is entered beside the finding it speaks to, never among a station's questions. */
    case BesideFinding;
    /** Not on the check: its hint says where. */
    case Elsewhere;
}
