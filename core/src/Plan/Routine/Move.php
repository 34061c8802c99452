<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Routine;

use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Stage\Stage;

/**
 * A move that a routine may hold: one of the drills of footwork and freestyle.
 */
final readonly class Move
{
    private function __construct(
        public string $code,
        public string $title,
        public Stage $from,
        public MoveKind $kind,
        public int $cadence,
    ) {
    }

    /** @return self|null null: it is no move of a routine */
    public static function ofDrill(Drill $drill): ?self
    {
        $kind = MoveKind::of($drill);

        return null === $kind ? null : new self($drill->code, $drill->title, $drill->stage, $kind, $drill->cadence);
    }
}
