<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Athletes;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\UnreadableLength;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Roster\LineFault;
use Zumbo\Core\Roster\PersonName;
use Zumbo\Core\Roster\Row;
use Zumbo\Core\Roster\Sheet;

/**
 * A list of athletes as it was read: who can come in, who is there already, and which lines need a look.
 */
final readonly class AthleteList
{
    /**
     * @param list<ListedAthlete> $athletes
     * @param list<LineFault>     $faults   by line
     * @param list<string>        $there    names that the gym has already
     */
    private function __construct(
        public AthleteColumns $columns,
        public array $athletes,
        public array $faults,
        public array $there,
    ) {
    }

    /** What came of it, in one sentence. */
    public function says(): Verdict
    {
        return match (true) {
            [] === $this->athletes && [] === $this->faults && [] === $this->there => Verdict::of('list.empty'),
            null === $this->columns->of(AthleteColumn::Height) => Verdict::of('list.no_height_column'),
            default => Verdict::of('list.athletes', [
                'new' => \count($this->athletes),
                'there' => \count($this->there),
                'look' => \count($this->faults),
            ]),
        };
    }

    /**
     * @param int                 $thisYear what ages are counted from
     * @param list<string>        $known    names the gym has
     * @param AthleteColumns|null $columns  as somebody has mended them; null: guessed
     */
    public static function read(Sheet $sheet, int $thisYear, array $known = [], ?AthleteColumns $columns = null): self
    {
        $columns ??= AthleteColumns::guess($sheet);
        $known = array_fill_keys(array_map(PersonName::key(...), $known), true);
        $lines = $athletes = $faults = $there = [];
        foreach (\array_slice($sheet->rows, $columns->firstRow) as $row) {
            $read = self::row($row, $columns, $thisYear);
            $key = $read instanceof ListedAthlete ? PersonName::key($read->name) : '';
            if ($read instanceof LineFault) {
                $faults[] = $read;
            } elseif (isset($lines[$key])) {
                $faults[] = new LineFault($row->line, 'name', $read->name, Verdict::of('list.twice', [
                    'line' => $row->line,
                    'name' => $read->name,
                    'first' => $lines[$key],
                ]));
            } elseif (isset($known[$key])) {
                $there[] = $read->name;
            } else {
                $lines[$key] = $row->line;
                $athletes[] = $read;
            }
        }

        return new self($columns, $athletes, $faults, $there);
    }

    private static function row(Row $row, AthleteColumns $columns, int $thisYear): ListedAthlete|LineFault
    {
        $cell = static fn (AthleteColumn $column): string => $row->cell($columns->of($column));
        $name = PersonName::of($cell(AthleteColumn::Name));
        $name = '' !== $name ? $name : PersonName::of($cell(AthleteColumn::FirstName).' '.$cell(AthleteColumn::LastName));
        if ('' === $name || mb_strlen($name) > PersonName::LONGEST) {
            $says = Verdict::of('' === $name ? 'list.no_name' : 'list.long_name', ['line' => $row->line]);

            return new LineFault($row->line, 'name', $name, $says);
        }
        $inches = $cell(AthleteColumn::Inches);
        $tall = $cell(AthleteColumn::Height).('' === $inches ? '' : ' ft '.$inches.' in');
        $height = self::height($row->line, $name, $tall, $columns->heightUnit());
        if ($height instanceof LineFault) {
            return $height;
        }
        [$birth, $age] = [$cell(AthleteColumn::Birth), $cell(AthleteColumn::Age)];
        $year = Words::birthYear($birth, $thisYear);
        if ('' !== $birth && null === $year) {
            return self::fault('list.bad_birth_year', $row->line, $name, 'birthYear', $birth);
        }
        $hand = $cell(AthleteColumn::Hand);
        if ('' !== $hand && null === Words::hand($hand)) {
            return self::fault('list.bad_hand', $row->line, $name, 'hand', $hand);
        }
        $experience = $cell(AthleteColumn::Experience);
        if ('' !== $experience && null === Words::experience($experience)) {
            return self::fault('list.bad_experience', $row->line, $name, 'experience', $experience);
        }

        return new ListedAthlete(
            $row->line,
            $name,
            $height,
            $year ?? Words::birthYearOfAge($age, $thisYear),
            Words::hand($hand),
            Words::experience($experience),
        );
    }

    private static function height(int $line, string $name, string $cell, ?string $unit): Length|LineFault
    {
        if ('' === $cell) {
            return self::fault('list.no_height', $line, $name, 'height', '');
        }
        try {
            return HeightCell::read($cell, $unit);
        } catch (OutOfRange $e) {
            return self::fault('list.height_range', $line, $name, 'height', $cell, $e->accepted);
        } catch (UnreadableLength $e) {
            return self::fault(
                HeightCell::isOne($cell) ? 'list.height_two_ways' : 'list.bad_height',
                $line,
                $name,
                'height',
                $cell,
                $e->accepted,
            );
        }
    }

    private static function fault(string $code, int $line, string $name, string $field, string $value, string $accepted = ''): LineFault
    {
        return new LineFault($line, $field, $value, Verdict::of($code, [
            'line' => $line,
            'name' => $name,
            'value' => mb_strimwidth($value, 0, 40, '…'),
            'accepted' => $accepted,
        ]));
    }
}
