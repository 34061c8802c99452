<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Rope;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rope\TrimPath;
use Zumbo\Core\Rope\TrimStep;

final class TrimPathTest extends TestCase
{
    /**
     * @param list<int> $cables centimetres after each step
     */
    #[DataProvider('paths')]
    public function testStepsGoDownToTheGoalAndNoSliverIsLeft(int $today, int $goal, int $perSide, array $cables): void
    {
        $path = TrimPath::of(
            Length::ofCentimetres($today),
            Length::ofCentimetres($goal),
            Length::ofCentimetres($perSide),
        );
        self::assertSame(
            $cables,
            array_map(static fn (TrimStep $step): int => (int) round(100 * $step->cable->metres()), $path->steps),
        );
        foreach ($path->steps as $step) {
            self::assertGreaterThan(0.0, $step->offPerSide->metres());
            self::assertLessThan(0.035, $step->offPerSide->metres());
            self::assertSame('trim.gate', $step->gate->code);
        }
    }

    /**
     * @return iterable<string, array{int, int, int, list<int>}>
     */
    public static function paths(): iterable
    {
        yield 'two a side' => [262, 250, 2, [258, 254, 250]];
        yield 'three a side, the last one smaller' => [262, 246, 3, [256, 250, 246]];
        yield 'a last half goes with the step before' => [247, 244, 1, [244]];
        yield 'two, two, two and a half' => [253, 240, 2, [249, 245, 240]];
        yield 'three, three, two, two' => [284, 264, 3, [278, 272, 268, 264]];
        yield 'five of two' => [270, 250, 2, [266, 262, 258, 254, 250]];
        yield 'never more than three at once' => [257, 250, 3, [254, 250]];
        yield 'a centimetre' => [245, 244, 2, [244]];
    }

    /** One trim of 4 cm of cable lifts the lowest point by about 2 cm (docs/models/rope.md: 0.54 cm a centimetre). */
    public function testEachStepSaysWhatItLifts(): void
    {
        $path = TrimPath::of(Length::ofMetres(2.50), Length::ofMetres(2.34), Length::ofMetres(0.02));
        foreach ($path->steps as $step) {
            self::assertEqualsWithDelta(0.0216, $step->lifts()->metres(), 0.0005);
            self::assertSame('trim.lifts', $step->effect()->code);
        }
    }

    public function testARopeThatIsThereOrTooShortIsNotCut(): void
    {
        $of = static fn (int $today): TrimPath => TrimPath::of(
            Length::ofCentimetres($today),
            Length::ofCentimetres(244),
            Length::ofCentimetres(2),
        );
        self::assertSame([[], 'trim.there'], [$of(244)->steps, $of(244)->advice->code]);
        self::assertSame([[], 'trim.too_short'], [$of(238)->steps, $of(238)->advice->code]);
    }

    public function testAStepOfMoreThanThreeCentimetresASideIsRefused(): void
    {
        $this->expectException(OutOfRange::class);
        TrimPath::of(Length::ofCentimetres(262), Length::ofCentimetres(244), Length::ofCentimetres(4));
    }
}
