<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc;

enum FieldKind
{
    case Length;
    case Number;
    case Numbers;
    case Choice;
    case LengthsByName;
    case Text;
    /** Several of the choices. */
    case Choices;
    /** A list of records. */
    case Rows;
    /** One record. */
    case Record;
}
