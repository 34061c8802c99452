<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Load;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Load\Contacts;
use Zumbo\Core\Load\SessionLoad;
use Zumbo\Core\Stage\Stage;

final class SessionLoadTest extends TestCase
{
    public function testWhatWasLoggedIsCountedInLandings(): void
    {
        // Three singles and a double at 104.
        $drill = DrillTable::named('three-and-one');
        self::assertSame(146, Contacts::logged(CountKind::Streak, 140, 6, $drill), 'a missed rep was jumped too');
        self::assertSame(40, Contacts::logged(CountKind::Tries, 8, 2, $drill), 'ten tries of four jumps');
        self::assertSame(52, Contacts::logged(CountKind::Hold, 30, 1, $drill), 'half a minute at 104');
        self::assertSame(0, Contacts::logged(CountKind::Streak, 30, 1, DrillTable::named('catch-the-rope')));
    }

    public function testTheCapRisesAlongThePathAndIsLowerForTheYoungAndTheOld(): void
    {
        foreach (Stage::cases() as $stage) {
            $cap = SessionLoad::cap($stage, null);
            self::assertGreaterThanOrEqual(SessionLoad::cap(Stage::Jump, null), $cap);
            foreach ([[11, 0.5], [12, 0.75], [15, 0.75], [16, 1.0], [59, 1.0], [60, 0.75]] as [$age, $share]) {
                self::assertSame((int) round($share * $cap), SessionLoad::cap($stage, $age), "age $age");
            }
            self::assertSame(3 * $cap, SessionLoad::weekCap($stage, null), 'a week is worth three sessions');
        }
    }
}
