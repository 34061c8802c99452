<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Today;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\Measuring;
use Zumbo\Core\Rope\Reading;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Today\RopeWanted;

/**
 * A gym that measures in one stance and by one kind of ends, worked out by hand for 174 cm and handles of 15 cm: the armpit is
 * at 0.76 of the height, one foot takes 9 cm of rope, two feet 19, two handles 30 (common practice, no published source).
 */
final class MeasuringTest extends TestCase
{
    #[DataProvider('ways')]
    public function testTheGoalIsMeasuredAsTheGymDoesIt(?Stance $stance, ?Reading $reading, School $school, float $cableCm): void
    {
        $wanted = self::wanted(Measuring::of($stance, $reading));
        self::assertEqualsWithDelta($cableCm, $wanted->bySchool($school)?->cable->centimetres(), 0.05);
    }

    /**
     * @return iterable<string, array{Stance|null, Reading|null, School, float}>
     */
    public static function ways(): iterable
    {
        yield 'by school' => [null, null, School::Armpit, 2 * 132.24 + 19 - 30];
        yield 'on one foot' => [Stance::OneFoot, null, School::Armpit, 2 * 132.24 + 9 - 30];
        yield 'at the cable ends' => [null, Reading::CableEnd, School::Armpit, 2 * 132.24 + 19];
        yield 'both' => [Stance::OneFoot, Reading::CableEnd, School::Armpit, 2 * 132.24 + 9];
        yield 'the rule of height knows neither' => [Stance::OneFoot, Reading::CableEnd, School::Height, 174 + 91.44 - 30];
    }

    public function testWhatIsSaidOfOneRopeGoesFirst(): void
    {
        $wanted = self::wanted(Measuring::of(Stance::OneFoot, null));
        self::assertEqualsWithDelta(2 * 132.24 + 19 - 30, $wanted->bySchool(School::Armpit, Stance::TwoFeet)?->cable->centimetres(), 0.05);
        self::assertSame(Stance::OneFoot, $wanted->goal()?->stance);
    }

    /** Cable or overall: whichever stands before the handles are known. */
    public function testWithoutHandlesTheReadingSaysWhichLengthStands(): void
    {
        $body = Body::ofStature(Length::ofCentimetres(174));
        $open = RopeWanted::of($body, Stage::Join, null, measuring: Measuring::of(Stance::OneFoot, Reading::CableEnd))->unhandled();
        self::assertEqualsWithDelta(2 * 132.24 + 9, $open->cable?->centimetres(), 0.05);
        self::assertNull($open->overall);
    }

    private static function wanted(Measuring $measuring): RopeWanted
    {
        $handle = Handle::ofLength(Length::ofCentimetres(15));

        return RopeWanted::of(Body::ofStature(Length::ofCentimetres(174)), Stage::Join, $handle, measuring: $measuring);
    }
}
