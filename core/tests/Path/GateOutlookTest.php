<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Path;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Path\Entry;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\GateTable;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\AttemptEnd;
use Zumbo\Core\Streak\CountedReps;

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
        $gate = GateTable::of($stage);
        self::assertNotNull($gate);
        $found = GateOutlook::of($stage, $gate, $entries);
        $words = MessageCatalogue::in(LengthUnit::Centimetre);
        self::assertSame(
            [$outlook, $basis, $next],
            array_map($words->sentence(...), [$found->outlook, $found->basis, $found->next]),
        );
    }

    /**
     * @return iterable<string, array{Stage, list<Entry>, string, string, string}>
     */
    public static function outlooks(): iterable
    {
        $first = 'Log the first set of this stage.';
        $close = 'Close: keep this set, one cue only.';
        $practise = 'Keep practising this set; shorter goes, more of them clean.';
        $none = 'Rests on what is usual at this stage alone.';
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
            'Rests on 1 logged; about 4 more would settle it.',
            $practise,
        ];
        yield 'one long go' => [
            Stage::Link,
            self::goes([60]),
            'Reaches 20 about 5 times in 10',
            'Rests on 1 logged; about 4 more would settle it.',
            $close,
        ];
        yield 'all misses at once' => [
            Stage::Link,
            self::goes([0, 0, 0, 0, 0, 0, 0, 0]),
            'Hardly ever reaches 20 unbroken yet',
            'Rests on 8 logged; settled.',
            $practise,
        ];
        yield 'thousands at once' => [
            Stage::Link,
            self::goes(array_fill(0, 3000, 0)),
            'Hardly ever reaches 20 unbroken yet',
            'Rests on 3000 logged; settled.',
            $practise,
        ];
        yield 'no miss' => [
            Stage::Link,
            self::stops(array_fill(0, 8, 25)),
            'Reaches 20 about 8 times in 10',
            'Rests on 8 logged; it would take more than 50 to settle it.',
            'The gate is open: look at a calm exit, then move on.',
        ];
        yield 'no miss, thousands' => [
            Stage::Link,
            self::stops(array_fill(0, 2000, 25)),
            'Reaches 20 almost every time',
            'Rests on 2000 logged; settled.',
            'The gate is open: look at a calm exit, then move on.',
        ];
        yield 'no miss, a few' => [
            Stage::Link,
            self::stops([40, 60, 80]),
            'Reaches 20 about 8 times in 10',
            'Rests on 3 logged; it would take more than 50 to settle it.',
            'It looks good on little: log 2 more to be sure.',
        ];
        yield 'enough on little' => [
            Stage::Link,
            self::stops([90, 90, 90]),
            'Reaches 20 about 9 times in 10',
            'Rests on 3 logged; about 5 more would settle it.',
            'It looks good on little: log 2 more to be sure.',
        ];
        yield 'half and half' => [
            Stage::Link,
            self::goes([18, 22, 30, 12, 25, 31, 9, 40]),
            'Reaches 20 about 4 times in 10',
            'Rests on 8 logged; settled.',
            $practise,
        ];
        yield 'rough ones' => [
            Stage::Link,
            self::stops(array_fill(0, 30, 30), false),
            'Reaches 20 almost every time',
            'Rests on 30 logged; settled.',
            'Count is not all: log the next ones clean, with a calm exit.',
        ];
        yield 'sums of sets' => [
            Stage::Singles,
            self::sums([[400, 1], [500, 0], [450, 1], [480, 0], [500, 0], [500, 0], [900, 0]]),
            'Reaches 100 about 9 times in 10',
            'Rests on 7 logged, some as sums of a set, which tell less; settled.',
            'The gate is open: look at hands narrow, then move on.',
        ];
        yield 'sums that settle it' => [
            Stage::Singles,
            self::sums([[140, 6], [120, 5], [150, 4], [160, 5], [130, 6]]),
            'Hardly ever reaches 100 unbroken yet',
            'Rests on 5 logged, some as sums of a set, which tell less; settled.',
            $practise,
        ];
        yield 'tries, half clean' => [
            Stage::Snap,
            self::tries([[5, 10], [6, 10]]),
            'Gets 8 clean of 10 about once in 10',
            'Rests on 2 logged; about 3 more would settle it.',
            $practise,
        ];
        yield 'tries, all clean' => [
            Stage::Snap,
            self::tries(array_fill(0, 5, [10, 10])),
            'Gets 8 clean of 10 almost every time',
            'Rests on 5 logged; settled.',
            'The gate is open: look at landing tall, then move on.',
        ];
        yield 'tries, none clean' => [
            Stage::Snap,
            self::tries(array_fill(0, 5, [0, 10])),
            'Hardly ever gets 8 clean of 10 yet',
            'Rests on 5 logged; settled.',
            $practise,
        ];
        yield 'a hold without a miss' => [
            Stage::Mix,
            self::holds([[30, 0], [30, 0], [30, 0], [30, 0], [30, 0], [30, 0]]),
            'Holds 30 s without a miss about 7 times in 10',
            'Rests on 6 logged; it would take more than 50 to settle it.',
            'Close: keep this set, one cue only.',
        ];
        yield 'holds with misses' => [
            Stage::Mix,
            self::holds([[30, 2], [30, 1], [30, 3], [30, 2], [30, 1]]),
            'Holds 30 s without a miss about 2 times in 10',
            'Rests on 5 logged; settled.',
            $practise,
        ];
        yield 'the first stage' => [
            Stage::Jump,
            self::holds([[30, 0]]),
            'Holds 30 s without a miss about 6 times in 10',
            'Rests on 1 logged; about 4 more would settle it.',
            $close,
        ];
    }

    public function testAGateMetOnceIsNotOpen(): void
    {
        self::assertFalse(self::link(self::stops([20]))->open);
        self::assertTrue(self::link(self::stops(array_fill(0, 10, 30)))->open);
    }

    public function testARoughNewestEntryClosesTheGate(): void
    {
        $entries = self::stops(array_fill(0, 10, 30));
        self::assertFalse(
            self::link([
                ...$entries,
                new Entry(CountKind::Streak, CountedReps::attempt(30, AttemptEnd::Stopped), false),
            ])->open,
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

    public function testMoreOfTheSameSettlesIt(): void
    {
        $few = self::link(self::stops([30, 30]));
        $many = self::link(self::stops(array_fill(0, 60, 30)));
        self::assertGreaterThan(0, $few->more ?? 99);
        self::assertSame(0, $many->more);
        self::assertLessThan($few->interval[1] - $few->interval[0], $many->interval[1] - $many->interval[0]);
    }

    public function testOnlyTheLastStageHasNoGate(): void
    {
        foreach (Stage::cases() as $stage) {
            self::assertSame(Stage::Workout === $stage, null === GateTable::of($stage));
        }
    }

    /**
     * @param list<Entry> $entries
     */
    private static function link(array $entries): GateOutlook
    {
        return GateOutlook::of(Stage::Link, GateTable::of(Stage::Link) ?? throw new \LogicException(), $entries);
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
