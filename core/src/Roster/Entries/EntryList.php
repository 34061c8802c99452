<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Entries;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Roster\LineFault;
use Zumbo\Core\Roster\PersonName;
use Zumbo\Core\Roster\Row;
use Zumbo\Core\Roster\Sheet;

/**
 * A log out of a spreadsheet as it was read: what can come in, how much is in the log already, and which lines need a look.
 */
final readonly class EntryList
{
    private const MOST_NAMED = 3;

    /**
     * @param list<ListedEntry> $entries
     * @param list<LineFault>   $faults        by line
     * @param int               $there         entries that the log has already
     * @param bool              $dayOrderAsked whether somebody has to say if the day or the month comes first
     */
    private function __construct(
        public EntryColumns $columns,
        public array $entries,
        public array $faults,
        public int $there,
        public bool $dayOrderAsked,
    ) {
    }

    /** What came of it, in one sentence. */
    public function says(): Verdict
    {
        return match (true) {
            [] === $this->entries && [] === $this->faults && 0 === $this->there => Verdict::of('entries.empty'),
            null === $this->columns->of(EntryColumn::Date) => Verdict::of('entries.no_day_column'),
            null === $this->columns->of(EntryColumn::Reps) => Verdict::of('entries.no_reps_column'),
            default => Verdict::of('entries.count', [
                'new' => \count($this->entries),
                'there' => $this->there,
                'look' => \count($this->faults),
            ]),
        };
    }

    /** Without a column of misses each line is one go, up to the miss. */
    public function hasMisses(): bool
    {
        return null !== $this->columns->of(EntryColumn::Misses);
    }

    /**
     * @param list<string>      $known   names the gym has
     * @param EntryColumns|null $columns as somebody has mended them; null: guessed
     * @param DayOrder|null     $order   as somebody has said; null: as the list shows
     * @param list<string>      $there   keys of the entries that the log has, as often as it has them
     */
    public static function read(
        Sheet $sheet,
        \DateTimeImmutable $today,
        array $known,
        ?EntryColumns $columns = null,
        ?DayOrder $order = null,
        array $there = [],
    ): self {
        $columns ??= EntryColumns::guess($sheet, $today);
        $days = new ListedDays($sheet->column($columns->of(EntryColumn::Date) ?? -1, $columns->firstRow), $today, $order);
        $names = new KnownNames($known);
        $left = array_count_values($there);
        $entries = $faults = [];
        $already = 0;
        foreach (\array_slice($sheet->rows, $columns->firstRow) as $row) {
            if (self::isHeading($row, $columns)) {
                // A day alone is that of the lines below it.
                $days->next($row->cell($columns->of(EntryColumn::Date)));
                continue;
            }
            $read = self::row($row, $columns, $days, $names);
            if ($read instanceof LineFault) {
                $faults[] = $read;
            } elseif (($left[$read->key()] ?? 0) > 0) {
                --$left[$read->key()];
                ++$already;
            } else {
                $entries[] = $read;
            }
        }

        return new self($columns, $entries, $faults, $already, $days->isAsked());
    }

    private static function isHeading(Row $row, EntryColumns $columns): bool
    {
        $said = array_filter($columns->meanings, static fn (EntryColumn $one): bool => EntryColumn::Date !== $one);

        return '' === implode('', array_map($row->cell(...), array_keys($said)));
    }

    private static function row(Row $row, EntryColumns $columns, ListedDays $days, KnownNames $names): ListedEntry|LineFault
    {
        $cell = static fn (EntryColumn $column): string => $row->cell($columns->of($column));
        $written = PersonName::of($cell(EntryColumn::Name));
        $written = '' !== $written ? $written : PersonName::of($cell(EntryColumn::FirstName).' '.$cell(EntryColumn::LastName));
        $day = $days->next($cell(EntryColumn::Date));
        if ($day instanceof Verdict) {
            return self::fault($row->line, 'date', $cell(EntryColumn::Date), $written, $day);
        }
        $called = '' === $written ? [] : $names->called($written);
        if (1 !== \count($called)) {
            return self::fault($row->line, 'name', $written, $written, match (true) {
                '' === $written => Verdict::of('list.no_name'),
                [] === $called => Verdict::of('entries.nobody'),
                default => Verdict::of('entries.who', [
                    'names' => implode(' or ', \array_slice($called, 0, self::MOST_NAMED)),
                ]),
            });
        }
        $reps = CountCell::read($cell(EntryColumn::Reps));
        if (null === $reps) {
            return self::fault($row->line, 'reps', $cell(EntryColumn::Reps), $written, Verdict::of('entries.bad_reps'));
        }
        $hasMisses = null !== $columns->of(EntryColumn::Misses);
        $misses = $hasMisses ? CountCell::read($cell(EntryColumn::Misses)) : null;
        if ($hasMisses && null === $misses) {
            $code = '' === $cell(EntryColumn::Misses) ? 'entries.no_misses' : 'entries.bad_misses';

            return self::fault($row->line, 'misses', $cell(EntryColumn::Misses), $written, Verdict::of($code));
        }

        return new ListedEntry($row->line, $called[0], $day, $reps, $misses);
    }

    private static function fault(int $line, string $field, string $value, string $name, Verdict $says): LineFault
    {
        return new LineFault($line, $field, $value, Verdict::of($says->code, $says->values + [
            'line' => $line,
            'name' => '' === $name ? 'without a name' : $name,
            'value' => mb_strimwidth($value, 0, 40, '…'),
        ]));
    }
}
