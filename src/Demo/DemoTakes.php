<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Zumbo\App\Entity\Effort\SessionEffort;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Rhythm\HeardBeat;

/**
 * What was heard of some goes, and how hard some evenings felt: told by names alone, so that it draws nothing from the log's chance.
 */
final class DemoTakes
{
    /** One practice in so many was listened to. */
    private const HEARD = 3;

    /** From so many practices on whoever came on is quicker and more even. */
    private const LATER = 12;
    private const QUICKER = 8.0;

    /** Of one practice, so many before at that stage. */
    public static function beat(string $name, Drill $drill, int $practice): ?HeardBeat
    {
        if (CountKind::Hold === $drill->countKind || 0 !== crc32($name) % self::HEARD) {
            return null;
        }
        $later = $practice >= self::LATER;

        return new HeardBeat(
            round($drill->cadence + ($later ? self::QUICKER : 0.0) + self::between($name.' beat', -3.0, 3.0), 1),
            round(($later ? 0.035 : 0.065) + self::between($name.' even', -0.012, 0.012), 3),
        );
    }

    /** Null: nobody asked that evening. */
    public static function effort(Athlete $athlete, DemoIds $ids, string $name, \DateTimeImmutable $at): ?SessionEffort
    {
        if (0 !== crc32($athlete->profile()->name) % 2 || 0 === crc32($name.' asked') % 4) {
            return null;
        }

        return new SessionEffort(
            $athlete->gymId(),
            $ids->named($name.' effort'),
            $athlete->id(),
            $at->setTime(0, 0),
            (int) round(self::between($name.' hard', 3.0, 8.0)),
            60,
            SaltmarshBarbell::OWNER_NAME,
        );
    }

    private static function between(string $name, float $least, float $most): float
    {
        return $least + ($most - $least) * (crc32($name) % 1000) / 1000;
    }
}
