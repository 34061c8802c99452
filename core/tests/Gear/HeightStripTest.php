<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Gear;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Gear\HeightBand;
use Zumbo\Core\Gear\HeightStrip;
use Zumbo\Core\Gear\SharedRope;
use Zumbo\Core\Measure\Length;

final class HeightStripTest extends TestCase
{
    public function testTheBandsLeaveNoGapAndTheTallerTheLonger(): void
    {
        $bands = HeightStrip::of(self::ropes(195, 210, 220, 230, 240, 250, 260, 275));
        self::assertSame([110, 210], [self::cm($bands[0]->from), self::cm($bands[\count($bands) - 1]->to)]);
        $last = 0.0;
        foreach ($bands as $i => $band) {
            self::assertGreaterThan($band->from->metres(), $band->to->metres());
            self::assertSame($band->to->metres(), ($bands[$i + 1] ?? null)?->from->metres() ?? $band->to->metres());
            if (null !== $band->rope) {
                self::assertGreaterThanOrEqual($last, $band->rope->cable->metres());
                $last = $band->rope->cable->metres();
            }
        }
        self::assertNull($bands[0]->rope, 'nothing on this rack is for somebody of 110 cm');
        self::assertContains('R240', array_map(static fn (HeightBand $band): ?string => $band->rope?->tag, $bands));
    }

    public function testWireIsNotForGuests(): void
    {
        $wire = HeightStrip::of([new SharedRope('W', Length::ofCentimetres(240), CableFamily::ThinWire)]);
        self::assertCount(1, $wire);
        self::assertNull($wire[0]->rope);
    }

    public function testAnEmptyRackIsOneBandWithoutARope(): void
    {
        self::assertCount(1, HeightStrip::of([]));
    }

    /**
     * @return list<SharedRope>
     */
    private static function ropes(int ...$cms): array
    {
        return array_map(
            static fn (int $cm): SharedRope => new SharedRope(
                'R'.$cm,
                Length::ofCentimetres($cm),
                CableFamily::ThickCord,
            ),
            array_values($cms),
        );
    }

    private static function cm(Length $length): int
    {
        return (int) round(100 * $length->metres());
    }
}
