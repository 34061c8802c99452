<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

/**
 * The clock of the class, in the server's time.
 */
final readonly class ClassClockView
{
    /**
     * @param list<ProgrammeView> $programmes
     */
    public function __construct(
        public string $id,
        public int $version,
        /** The first phase begins: milliseconds since 1970 on the server's clock. */
        public int $startMs,
        /** Stands still since then; null: it runs. */
        public ?int $pausedAtMs,
        public array $programmes,
        public string $movedBy,
        /** Behind the `#` of the athletes' link; empty on their own screens. */
        public string $link,
        /** The server's clock as this was answered. */
        public int $nowMs,
        /** The class was ended. */
        public bool $ended,
    ) {
    }
}
