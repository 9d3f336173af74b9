<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

/** What of the seat or the car gives the answers to a question. */
enum AnswersFrom
{
    case SeatingPositions;
    case HandlePositions;
    case Zones;
    case ReclineSettings;
    case Parts;
    case Slots;
    case CrotchSlots;
    case Inserts;
}
