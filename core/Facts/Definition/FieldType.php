<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

/** What stands at a key of the case file. */
enum FieldType
{
    case Flag;
    case Whole;
    case Number;
    case Months;
    case Length;
    case Mass;
    case Angle;
    case Date;
    case PartialDate;
    case Text;
    case Choice;
    case Limit;
    case Section;
    case Texts;
    case Wholes;
    case Choices;
    case Sections;
    case Map;
}
