<?php

declare(strict_types=1);

namespace Zumbo\Core\Stage;

/**
 * What a newcomer says of themselves, before anything was measured.
 */
enum Experience: string
{
    case None = 'none';
    case Singles = 'singles';
    case SomeDoubles = 'some-doubles';
    case LinkedDoubles = 'linked-doubles';

    /** Where such a newcomer starts until a placement or a gate says otherwise (our assumption). */
    public function firstStage(): Stage
    {
        return match ($this) {
            self::None => Stage::Jump,
            self::Singles => Stage::Singles,
            self::SomeDoubles => Stage::Mix,
            self::LinkedDoubles => Stage::Hold,
        };
    }
}
