<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Path;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\Entry;
use Zumbo\Core\Path\GateLog;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\GatesInForce;
use Zumbo\Core\Path\GateTable;
use Zumbo\Core\Path\RecentSessions;
use Zumbo\Core\Path\SessionSum;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;
use Zumbo\Core\Streak\Prior;

final class GateOutlookTest extends TestCase
{
    /**
     * @param list<Entry> $entries
     */
    #[DataProvider('outlooks')]
    public function testSaysHowOftenOnWhatAndWhatNext(
        Stage $stage,
        array $entries,
        string $outlook,
        string $basis,
        string $next,
    ): void {
        $gate = GateTable::of($stage, Ways::usual());
        self::assertNotNull($gate);
        $found = GateOutlook::of($stage, GatesInForce::usual(Ways::usual()), $entries);
        $words = MessageCatalogue::in(LengthUnit::Centimetre);
        self::assertSame(
            [$outlook, $basis, $next],
            preg_replace('/ What is usual at this stage moves.*$/', '', array_map(
                $words->sentence(...),
                [$found->outlook, $found->advice()->basis, $found->advice()->next],
            )),
        );
    }

    /**
     * @return iterable<string, array{Stage, list<Entry>, string, string, string}>
     */
    public static function outlooks(): iterable
    {
        $first = 'Log the first set of this stage.';
        $practise = 'Keep practising this set; shorter goes, more of them clean.';
        $none = 'Nothing logged yet: based on what is usual at this stage.';
        yield 'none, streak' => [Stage::Link, [], 'Nothing logged yet towards 20 unbroken', $none, $first];
        yield 'none, tries' => [Stage::Snap, [], 'Nothing logged yet towards 8 clean of 10', $none, $first];
        yield 'none, hold' => [Stage::Mix, [], 'Nothing logged yet towards 30 s without a miss', $none, $first];
        yield 'entries of another measure do not count' => [
            Stage::Mix,
            self::goes([40, 40, 40]),
            'Nothing logged yet towards 30 s without a miss',
            $none,
            $first,
        ];
        yield 'one miss' => [
            Stage::Link,
            self::goes([4]),
            'Reaches 20 about once in 10',
            'Based on 1 attempt in 1 session: about 4 more would tell.',
            $practise,
        ];
        yield 'one long go' => [
            Stage::Link,
            self::goes([60]),
            'Reaches 20 about 5 times in 10',
            'Based on 1 attempt in 1 session: about 4 more would tell.',
            $practise,
        ];
        yield 'all misses at once' => [
            Stage::Link,
            self::goes([0, 0, 0, 0, 0, 0, 0, 0]),
            'Hardly ever reaches 20 unbroken yet',
            'Based on 8 attempts in 1 session: enough to tell.',
            $practise,
        ];
        yield 'thousands at once' => [
            Stage::Link,
            self::goes(array_fill(0, 3000, 0)),
            'Hardly ever reaches 20 unbroken yet',
            'Based on 3,000 attempts in 1 session: enough to tell.',
            $practise,
        ];
        yield 'no miss' => [
            Stage::Link,
            self::stops(array_fill(0, 8, 25)),
            'Reaches 20 about 8 times in 10',
            'Based on 8 attempts in 1 session: it would take more than 50 more to tell.',
            'The gate is open: look at a calm exit, then move on.',
        ];
        yield 'no miss, thousands' => [
            Stage::Link,
            self::stops(array_fill(0, 2000, 25)),
            'Reaches 20 almost every time',
            'Based on 2,000 attempts in 1 session: enough to tell.',
            'The gate is open: look at a calm exit, then move on.',
        ];
        yield 'no miss, a few' => [
            Stage::Link,
            self::stops([40, 60, 80]),
            'Reaches 20 about 8 times in 10',
            'Based on 3 attempts in 1 session: it would take more than 50 more to tell.',
            'It looks good, on few entries: log 2 more to be sure.',
        ];
        yield 'enough on little' => [
            Stage::Link,
            self::stops([90, 90, 90]),
            'Reaches 20 about 9 times in 10',
            'Based on 3 attempts in 1 session: about 5 more would tell.',
            'It looks good, on few entries: log 2 more to be sure.',
        ];
        yield 'half and half' => [
            Stage::Link,
            self::goes([18, 22, 30, 12, 25, 31, 9, 40]),
            'Reaches 20 about 4 times in 10',
            'Based on 8 attempts in 1 session: enough to tell.',
            $practise,
        ];
        yield 'rough ones' => [
            Stage::Link,
            self::stops(array_fill(0, 30, 30), false),
            'Reaches 20 almost every time',
            'Based on 30 attempts in 1 session: enough to tell.',
            'Count is not all: log the next ones clean, with a calm exit.',
        ];
        yield 'sums of sets' => [
            Stage::Singles,
            self::sums([[400, 1], [500, 0], [450, 1], [480, 0], [500, 0], [500, 0], [900, 0]]),
            'Reaches 100 about 9 times in 10',
            'Based on 7 attempts in 1 session, some as sums of a set, which tell less: enough to tell.',
            'The gate is open: look at hands narrow, then move on.',
        ];
        yield 'sums that settle it' => [
            Stage::Singles,
            self::sums([[140, 6], [120, 5], [150, 4], [160, 5], [130, 6]]),
            'Hardly ever reaches 100 unbroken yet',
            'Based on 5 attempts in 1 session, some as sums of a set, which tell less: enough to tell.',
            $practise,
        ];
        yield 'tries, half clean' => [
            Stage::Snap,
            self::tries([[5, 10], [6, 10]]),
            'Gets 8 clean of 10 about once in 10',
            'Based on 20 attempts in 1 session: about 3 more would tell.',
            $practise,
        ];
        yield 'tries, all clean' => [
            Stage::Snap,
            self::tries(array_fill(0, 5, [10, 10])),
            'Gets 8 clean of 10 almost every time',
            'Based on 50 attempts in 1 session: enough to tell.',
            'The gate is open: look at landing tall, then move on.',
        ];
        yield 'tries, none clean' => [
            Stage::Snap,
            self::tries(array_fill(0, 5, [0, 10])),
            'Hardly ever gets 8 clean of 10 yet',
            'Based on 50 attempts in 1 session: enough to tell.',
            $practise,
        ];
        yield 'a hold without a miss' => [
            Stage::Mix,
            self::holds([[30, 0], [30, 0], [30, 0], [30, 0], [30, 0], [30, 0]]),
            'Holds 30 s without a miss about 7 times in 10',
            'Based on 6 attempts in 1 session: it would take more than 50 more to tell.',
            'Close: keep this set, one cue only.',
        ];
        yield 'holds with misses' => [
            Stage::Mix,
            self::holds([[30, 2], [30, 1], [30, 3], [30, 2], [30, 1]]),
            'Holds 30 s without a miss about 2 times in 10',
            'Based on 5 attempts in 1 session: enough to tell.',
            $practise,
        ];
        yield 'the first stage' => [
            Stage::Jump,
            self::holds([[30, 0]]),
            'Holds 30 s without a miss about 3 times in 10',
            'Based on 1 attempt in 1 session: about 4 more would tell.',
            $practise,
        ];
    }

    /**
     * Ten tries an evening, so many of them clean: what a coach who was there would say of the next ten.
     *
     * @param list<int> $evenings the oldest first
     */
    #[DataProvider('seasons')]
    public function testTheLastEveningsSpeak(array $evenings, float $least, float $most): void
    {
        $chance = self::snap($evenings)->chance;
        self::assertGreaterThanOrEqual($least, $chance);
        self::assertLessThanOrEqual($most, $chance);
    }

    /**
     * @return iterable<string, array{list<int>, float, float}>
     */
    public static function seasons(): iterable
    {
        yield 'learnt it six evenings ago' => [[...array_fill(0, 30, 3), 9, 10, 9, 9, 10, 9], 0.85, 1.0];
        yield 'learnt it three evenings ago, not sure yet' => [[...array_fill(0, 30, 3), 9, 10, 9], 0.2, 0.8];
        yield 'always the same' => [array_fill(0, 20, 8), 0.55, 0.75];
        yield 'has lost it over the winter' => [[...array_fill(0, 12, 9), 4, 3, 5, 4, 4, 5], 0.0, 0.15];
        yield 'one bad evening' => [[...array_fill(0, 12, 9), 2], 0.5, 0.9];
        yield 'one good evening' => [[...array_fill(0, 12, 4), 10], 0.0, 0.3];
    }

    /**
     * By hand, in the chance of one try: three evenings of ten with 2, 6 and 9 clean weigh 0.85², 0.85 and 1:
     * (1 + 0.7225·2 + 0.85·6 + 9)/(2 + 10·2.5725) = 16.545/27.725.
     */
    public function testAnEveningWeighs85OfTheNextOne(): void
    {
        $recent = RecentSessions::of(Prior::flat(), self::sessions(self::evenings([2, 6, 9])));
        self::assertEqualsWithDelta(16.545 / 27.725, $recent->posterior->chance->mean(), 1e-9);
        self::assertSame([3, 3, 30], [$recent->sessions, $recent->entries, $recent->attempts]);
    }

    /** From a flat start, as a table of the beta-binomial distribution has it: the chance of 8 of the next 10. */
    public function testAfterTenTries(): void
    {
        foreach ([6 => 0.22, 7 => 0.37, 8 => 0.55, 9 => 0.74, 10 => 0.91] as $clean => $chance) {
            self::assertEqualsWithDelta($chance, self::snap([$clean])->chance, 0.005, "$clean of 10");
        }
        $words = MessageCatalogue::in(LengthUnit::Centimetre);
        self::assertStringStartsWith('Nearly: about 4 more would tell', $words->sentence(self::snap([8])->advice()->next));
    }

    public function testWhatIsUsualAtTheStageIsSaidWhereItMatters(): void
    {
        $words = MessageCatalogue::in(LengthUnit::Centimetre);
        self::assertStringEndsWith(
            'What is usual at this stage moves it down by 9 points in 100.',
            $words->sentence(self::link(self::goes([60]))->advice()->basis),
        );
        self::assertStringEndsWith('enough to tell.', $words->sentence(self::link(self::stops(array_fill(0, 2000, 25)))->advice()->basis));
    }

    /**
     * @param list<Entry> $entries
     */
    #[DataProvider('ceilings')]
    public function testWhoIsReadyAndDoesNotKnowItIsTold(array $entries, ?string $code): void
    {
        $next = self::link($entries)->advice()->next->code;
        self::assertSame($code, str_starts_with($next, 'gate.unaware') ? $next : null);
    }

    /**
     * @return iterable<string, array{list<Entry>, ?string}>
     */
    public static function ceilings(): iterable
    {
        yield 'stops at ten, evening after evening' => [
            [...self::goes([4]), ...self::stops(array_fill(0, 9, 10)), ...self::goes([6, 8])],
            'gate.unaware_stops',
        ];
        yield 'stops at ten seven times' => [
            [...self::goes([4, 7, 3]), ...self::stops(array_fill(0, 7, 10)), ...self::goes([6, 8])],
            null,
        ];
        yield 'misses at ten' => [self::goes(array_fill(0, 12, 10)), null];
        yield 'stops here and there' => [self::stops([10, 9, 11, 8, 10, 12, 9, 10, 7, 11, 10, 10]), null];
        yield 'the gate itself is open' => [self::stops(array_fill(0, 40, 20)), null];
    }

    public function testAGateMetOnceIsNotOpen(): void
    {
        self::assertFalse(self::link(self::stops([20]))->isOpenNow());
        self::assertTrue(self::link(self::stops(array_fill(0, 10, 30)))->isOpenNow());
    }

    public function testARoughNewestEntryClosesTheGate(): void
    {
        $entries = self::stops(array_fill(0, 10, 30));
        self::assertFalse(
            self::link([
                ...$entries,
                new Entry(CountKind::Streak, CountedReps::attempt(30, AttemptEnd::Stopped), false),
            ])->isOpenNow(),
        );
    }

    /** Twenty good goes, then six that end at once: of a stopped day they take less than half of what they would else. */
    public function testADayThatWasStoppedHardlyMovesTheOutlook(): void
    {
        $good = self::goes([...array_fill(0, 10, 30), ...array_fill(0, 10, 24)]);
        $bad = self::goes([1, 0, 2, 1, 0, 1]);
        $before = self::link($good)->chance;
        $ordinary = self::link([...$good, ...$bad])->chance;
        $stopped = self::link([
            ...$good,
            ...array_map(static fn (Entry $entry): Entry => $entry->ofAStoppedDay(), $bad),
        ])->chance;
        self::assertLessThan($before, $stopped);
        self::assertGreaterThan(($before + $ordinary) / 2, $stopped);
    }

    /** An evening that was stopped takes nothing from the weight of those before it. */
    public function testAStoppedDayIsNoSessionOfItsOwn(): void
    {
        $entries = self::evenings([8, 7, 8]);
        $stopped = (new Entry(CountKind::Tries, CountedReps::counted(1, 9), true, 'the bad one'))->ofAStoppedDay();
        $recent = RecentSessions::of(Prior::flat(), self::sessions([...$entries, $stopped]));
        // 0.85², 0.85 and 1 for the ordinary ones, a quarter for the stopped one.
        self::assertEqualsWithDelta(
            (1 + 0.7225 * 8 + 0.85 * 7 + 8 + 0.25) / (2 + 25.725 + 2.5),
            $recent->posterior->chance->mean(),
            1e-9,
        );
    }

    public function testMoreOfTheSameSettlesIt(): void
    {
        $few = self::link(self::stops([30, 30]))->advice();
        $many = self::link(self::stops(array_fill(0, 60, 30)))->advice();
        self::assertGreaterThan(0, $few->more ?? 99);
        self::assertSame(0, $many->more);
        self::assertLessThan($few->interval[1] - $few->interval[0], $many->interval[1] - $many->interval[0]);
    }

    public function testOnlyTheLastStageHasNoGate(): void
    {
        foreach (Stage::cases() as $stage) {
            self::assertSame(Stage::Workout === $stage, null === GateTable::of($stage, Ways::usual()));
        }
    }

    /**
     * @param list<Entry> $tries
     *
     * @return list<SessionSum>
     */
    private static function sessions(array $tries): array
    {
        return GateLog::ofEntries(CountKind::Tries, $tries)->sessions;
    }

    /**
     * @param list<Entry> $entries
     */
    private static function link(array $entries): GateOutlook
    {
        return GateOutlook::of(Stage::Link, GatesInForce::usual(Ways::usual()), $entries);
    }

    /**
     * @param list<int> $clean of ten, by evening
     */
    private static function snap(array $clean): GateOutlook
    {
        return GateOutlook::of(
            Stage::Snap,
            GatesInForce::usual(Ways::usual()),
            self::evenings($clean),
        );
    }

    /**
     * @param list<int> $clean of ten, by evening
     *
     * @return list<Entry>
     */
    private static function evenings(array $clean): array
    {
        return array_map(
            static fn (int $evening, int $count): Entry => new Entry(
                CountKind::Tries,
                CountedReps::counted($count, 10 - $count),
                true,
                "evening $evening",
            ),
            array_keys($clean),
            $clean,
        );
    }

    /**
     * @param list<int> $reps
     *
     * @return list<Entry>
     */
    private static function goes(array $reps): array
    {
        return array_map(
            static fn (int $count): Entry => new Entry(
                CountKind::Streak,
                CountedReps::attempt($count, AttemptEnd::Miss),
                true,
            ),
            $reps,
        );
    }

    /**
     * @param list<int> $reps
     *
     * @return list<Entry>
     */
    private static function stops(array $reps, bool $clean = true): array
    {
        return array_map(
            static fn (int $count): Entry => new Entry(
                CountKind::Streak,
                CountedReps::attempt($count, AttemptEnd::Stopped),
                $clean,
            ),
            $reps,
        );
    }

    /**
     * @param list<array{int, int}> $rows reps and misses
     *
     * @return list<Entry>
     */
    private static function sums(array $rows): array
    {
        return array_map(
            static fn (array $row): Entry => new Entry(CountKind::Streak, CountedReps::sum($row[0], $row[1]), true),
            $rows,
        );
    }

    /**
     * @param list<array{int, int}> $rows clean and tries
     *
     * @return list<Entry>
     */
    private static function tries(array $rows): array
    {
        return array_map(
            static fn (array $row): Entry => new Entry(
                CountKind::Tries,
                CountedReps::counted($row[0], $row[1] - $row[0]),
                true,
            ),
            $rows,
        );
    }

    /**
     * @param list<array{int, int}> $rows seconds and misses
     *
     * @return list<Entry>
     */
    private static function holds(array $rows): array
    {
        return array_map(
            static fn (array $row): Entry => new Entry(CountKind::Hold, CountedReps::counted($row[0], $row[1]), true),
            $rows,
        );
    }
}
