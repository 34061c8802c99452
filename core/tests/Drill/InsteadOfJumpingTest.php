<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Drill;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Method\Ways;

final class InsteadOfJumpingTest extends TestCase
{
    public function testThereIsWorkWithoutJumpingWhereverItHurts(): void
    {
        self::assertGreaterThanOrEqual(8, \count(self::instead([])));
        foreach (BodyPart::cases() as $sore) {
            $left = self::instead([$sore]);
            self::assertNotSame([], $left, $sore->value);
            foreach ($left as $drill) {
                self::assertNotContains($sore, $drill->loads(), $drill->code);
            }
        }
        self::assertSame(
            [[]],
            array_values(array_unique(
                array_map(static fn (Drill $drill): array => $drill->loads(), self::instead([BodyPart::Elsewhere])),
                \SORT_REGULAR,
            )),
            'a place without a name: eyes and ears only',
        );
    }

    public function testEveryDrillSaysWhatItLoadsAndHowManyContactsAMinuteItTakes(): void
    {
        foreach (DrillTable::codes() as $code) {
            $drill = DrillTable::named($code);
            self::assertLessThanOrEqual($drill->cadence / 0.85 + 1e-9, $drill->contactsPerMinute(), $code);
        }
        self::assertSame(0.0, DrillTable::named('catch-the-rope')->contactsPerMinute(), 'the feet stay down');
        self::assertNotContains(BodyPart::Wrist, self::loads('hop-in-place'), 'no rope');
        self::assertContains(BodyPart::Shin, self::loads('rungs'));
        // 80 a minute, and two seconds of rest after each: 60 / (0.75 + 2) = 21.8
        self::assertEqualsWithDelta(21.8, DrillTable::named('swing-and-stop')->contactsPerMinute(), 0.1);
    }

    /**
     * @param list<BodyPart> $sore
     *
     * @return list<Drill>
     */
    private static function instead(array $sore): array
    {
        return DrillTable::insteadOfJumping(Ways::usual(), $sore);
    }

    /**
     * @return list<BodyPart>
     */
    private static function loads(string $code): array
    {
        return DrillTable::named($code)->loads();
    }
}
