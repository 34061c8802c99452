<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Load;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Load\Contacts;
use Zumbo\Core\Load\SessionLoad;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Stage\Stage;

final class SessionLoadTest extends TestCase
{
    public function testWhatWasLoggedIsCountedInLandings(): void
    {
        $pattern = Pattern::parse('3s d');
        self::assertSame(
            146,
            Contacts::logged(CountKind::Streak, 140, 6, $pattern, 104.0),
            'a missed rep was jumped too',
        );
        self::assertSame(40, Contacts::logged(CountKind::Tries, 8, 2, $pattern, 104.0), 'ten tries of four jumps');
        self::assertSame(52, Contacts::logged(CountKind::Hold, 30, 1, $pattern, 104.0), 'half a minute at 104');
    }

    public function testTheCapRisesAlongThePathAndIsLowerForTheYoung(): void
    {
        foreach (Stage::cases() as $stage) {
            self::assertGreaterThanOrEqual(SessionLoad::cap(Stage::Jump, null), SessionLoad::cap($stage, null));
            self::assertLessThan(SessionLoad::cap($stage, 16), SessionLoad::cap($stage, 15));
            self::assertSame(SessionLoad::cap($stage, null), SessionLoad::cap($stage, 40));
        }
    }

    public function testWhatWasJumpedBeforeCounts(): void
    {
        $cap = SessionLoad::cap(Stage::Link, 30);
        self::assertSame('load.within', SessionLoad::of(Stage::Link, 30, 200, $cap - 200)->code);
        self::assertSame('load.over', SessionLoad::of(Stage::Link, 30, 200, $cap - 199)->code);
    }
}
