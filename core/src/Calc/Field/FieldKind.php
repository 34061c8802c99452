<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Field;

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
    /** Rows of numbers or nulls. */
    case Table;
    /** One record. */
    case Record;
    /** The bytes of a WAV file: base64 in JSON, a path on the command line. */
    case Wav;
}
