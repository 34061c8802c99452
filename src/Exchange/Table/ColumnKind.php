<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Table;

/**
 * What stands in a column.
 */
enum ColumnKind
{
    /** UUID of version 7. */
    case Id;
    case Text;
    /** With a decimal point, never a comma. */
    case Number;
    case Whole;
    case Flag;
    /** One word of a list. */
    case Choice;
    /** Several of them; in CSV parted by semicolons. */
    case Choices;
    /** Like 2026-11-24. */
    case Day;
    /** UTC, like 2026-11-24T18:42:00Z. */
    case Instant;
}
