<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Path;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\Change;
use Zumbo\Core\Path\ChangeOverPractices;
use Zumbo\Core\Path\GateLog;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\GatesInForce;
use Zumbo\Core\Path\PathNews;
use Zumbo\Core\Path\SessionSum;
use Zumbo\Core\Path\Setback;
use Zumbo\Core\Stage\Stage;

/**
 * Invented athletes whose truth is known: how often something is told of those of whom nothing is true, and how often of
 * those of whom it is.
 */
final class PathNewsTest extends TestCase
{
    private const ATHLETES = 250;

    /** A month of three practices a week, after eight that were before it. */
    private const BEFORE = 8;
    private const MONTH = 12;

    private InventedEvenings $athletes;

    protected function setUp(): void
    {
        $this->athletes = new InventedEvenings(17);
    }

    #[DataProvider('rates')]
    public function testWhoStaysAsTheyAreIsHardlyEverToldOtherwise(float $rate, int $tries): void
    {
        $told = [Change::Better->value => 0, Change::Worse->value => 0, 'setback' => 0];
        for ($i = 0; $i < self::ATHLETES; ++$i) {
            $evenings = $this->athletes->evenings($rate, $rate, $tries, self::BEFORE + self::MONTH);
            $heard = [];
            for ($n = self::BEFORE + 1; $n <= \count($evenings); ++$n) {
                $so = \array_slice($evenings, 0, $n);
                $heard[ChangeOverPractices::of($so)->change->value] = true;
                // A trim after the eighth practice, of which nothing came.
                $heard['setback'] = ($heard['setback'] ?? false) || null !== Setback::of($so, $evenings[self::BEFORE]->day);
            }
            foreach (array_keys($told) as $what) {
                $told[$what] += (int) ($heard[$what] ?? false);
            }
        }
        foreach ($told as $what => $times) {
            self::assertLessThanOrEqual(0.05 + 0.028, $times / self::ATHLETES, $what);
        }
    }

    /**
     * @return iterable<array{float, int}> misses per try, tries an evening
     */
    public static function rates(): iterable
    {
        yield 'three in a hundred' => [0.03, 90];
        yield 'one in ten' => [0.10, 60];
        yield 'one in five' => [0.20, 40];
    }

    #[DataProvider('trims')]
    public function testMissesTripledByATrimAreToldWithinThreePractices(float $rate, int $tries, float $least): void
    {
        $told = 0;
        for ($i = 0; $i < self::ATHLETES; ++$i) {
            $before = $this->athletes->evenings($rate, $rate, $tries, self::BEFORE);
            $after = $this->athletes->evenings(3 * $rate, 3 * $rate, $tries, 3, self::BEFORE);
            foreach ([1, 2, 3] as $n) {
                if (null !== Setback::of([...$before, ...\array_slice($after, 0, $n)], $after[0]->day)) {
                    ++$told;
                    break;
                }
            }
        }
        self::assertGreaterThanOrEqual($least, $told / self::ATHLETES);
    }

    /**
     * @return iterable<array{float, int, float}> misses per try, tries an evening, told at least of so many
     */
    public static function trims(): iterable
    {
        yield 'three in a hundred' => [0.03, 100, 0.80];
        yield 'one in twenty' => [0.05, 60, 0.80];
        yield 'one in ten' => [0.10, 60, 0.95];
    }

    /** Who halves their misses every eight practices is not told that nothing changes; who stays there is. */
    public function testAPlateauIsToldOfThoseWhoAreOnOne(): void
    {
        $learning = $staying = 0;
        for ($i = 0; $i < self::ATHLETES; ++$i) {
            $learning += (int) self::tellsPlateau($this->athletes->evenings(0.20, 0.20 / 2 ** 2.5, 80, self::BEFORE + self::MONTH));
            $staying += (int) self::tellsPlateau($this->athletes->evenings(0.15, 0.15, 80, self::BEFORE + self::MONTH));
        }
        self::assertLessThanOrEqual(0.06, $learning / self::ATHLETES);
        self::assertGreaterThanOrEqual(0.5, $staying / self::ATHLETES);
    }

    public function testNothingIsSaidOfFewPracticesOrFewTries(): void
    {
        self::assertSame(Change::CannotTell, ChangeOverPractices::of($this->athletes->evenings(0.1, 0.1, 60, 7))->change);
        self::assertSame(Change::CannotTell, ChangeOverPractices::of($this->athletes->evenings(0.1, 0.1, 20, 9))->change);
        self::assertNull(Setback::of($this->athletes->evenings(0.1, 0.9, 60, 4), 2), 'two practices before it are too few');
    }

    public function testAStoppedEveningIsNoPracticeOfTheTrend(): void
    {
        $evenings = [...self::constant(9, 100, 5), new SessionSum(40, 60, 4, false, true, 9)];
        self::assertNull(Setback::of($evenings, 9));
        self::assertSame(Change::Plateau, ChangeOverPractices::of(self::constant(10, 200, 30))->change);
        self::assertEquals(
            ChangeOverPractices::of(self::constant(9, 100, 5)),
            ChangeOverPractices::of($evenings),
        );
    }

    public function testWhatIsToldIsASentenceWithWhatToDo(): void
    {
        $steady = self::constant(10, 200, 30);
        self::assertSame(
            'No fewer misses over the last 8 practices. Change one thing: another drill, the rope, or an easier week.',
            self::told($steady, null),
        );
        $worse = [...self::constant(8, 100, 4), new SessionSum(80, 20, 5, false, false, 8), new SessionSum(80, 20, 5, false, false, 9)];
        self::assertSame(
            'Misses rose since the trim: 4.0 in 100 before, 20 in 100 since. Look at the hands first; if they are home, let one '
            .'step out.',
            self::told($worse, 8),
        );
        $paused = [...self::constant(8, 100, 4), new SessionSum(75, 25, 5, false, false, 30)];
        self::assertSame(
            'Misses rose since the pause: 4.0 in 100 before, 25 in 100 since. Shorter goes this week, and no new drill.',
            self::told($paused, null),
        );
        self::assertNull(self::told(self::constant(4, 30, 1), null));
    }

    /**
     * @return list<SessionSum> alike
     */
    private static function constant(int $evenings, int $tries, int $misses): array
    {
        return array_map(
            static fn (int $day): SessionSum => new SessionSum($tries - $misses, $misses, 5, false, false, $day),
            range(0, $evenings - 1),
        );
    }

    /**
     * @param list<SessionSum> $evenings
     */
    private static function tellsPlateau(array $evenings): bool
    {
        for ($n = self::BEFORE + 1; $n <= \count($evenings); ++$n) {
            if (Change::Plateau === ChangeOverPractices::of(\array_slice($evenings, 0, $n))->change) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<SessionSum> $sessions
     */
    private static function told(array $sessions, ?int $trimmed): ?string
    {
        $log = new GateLog($sessions, [true, true, true], [], null);
        $outlook = GateOutlook::ofLog(Stage::Link, GatesInForce::usual(Ways::usual()), $log);
        $news = PathNews::of($outlook, $sessions, $trimmed)->news;

        return null === $news ? null : MessageCatalogue::in(LengthUnit::Centimetre)->sentence($news);
    }
}
