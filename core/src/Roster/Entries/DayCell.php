<?php

declare(strict_types=1);

namespace Zumbo\Core\Roster\Entries;

use Zumbo\Core\Roster\PlainWords;

/**
 * A cell with a day, in whatever way people write one. It can be two days: 3/4 is April here and March there.
 */
final readonly class DayCell
{
    /** First letters of the months in some languages, without accents. */
    private const MONTHS = [
        'jan' => 1, 'ene' => 1, 'gen' => 1, 'feb' => 2, 'fev' => 2, 'mar' => 3, 'mrz' => 3, 'maa' => 3, 'apr' => 4, 'abr' => 4,
        'avr' => 4, 'may' => 5, 'mai' => 5, 'mei' => 5, 'mag' => 5, 'jun' => 6, 'juin' => 6, 'giu' => 6, 'jul' => 7, 'juil' => 7,
        'lug' => 7, 'aug' => 8, 'ago' => 8, 'aou' => 8, 'sep' => 9, 'set' => 9, 'oct' => 10, 'okt' => 10, 'ott' => 10,
        'out' => 10, 'nov' => 11, 'dec' => 12, 'dez' => 12, 'dic' => 12,
    ];

    private const WEEKDAY = '/\b(mon(day)?|tue(s|sday)?|wed(nesday)?|thu(rs?|rsday)?|fri(day)?|sat(urday)?|sun(day)?|montag|dienstag'
        .'|mittwoch|donnerstag|freitag|samstag|sonntag|lundi|mardi|mercredi|jeudi|vendredi|samedi|dimanche|lunes|martes|miercoles'
        .'|jueves|viernes|sabado|domingo|mo|di|mi|do|fr|sa|so)\b\.?/';
    private const HOUR = '/[ t,]+\d{1,2}[:.h]\d{2}.*$/';

    private const EARLIEST_YEAR = 1990;

    private function __construct(private ?\DateTimeImmutable $dayFirst, private ?\DateTimeImmutable $monthFirst)
    {
    }

    /** @param \DateTimeImmutable $today midnight, as all days are; what days without a year are before */
    public static function of(string $cell, \DateTimeImmutable $today): self
    {
        $plain = trim((string) preg_replace([self::WEEKDAY, '/\s+/'], ['', ' '], PlainWords::of($cell)), ' ,');
        $plain = trim((string) preg_replace(self::HOUR, '', $plain), ' ,');
        // The day nought of spreadsheets is 30 December 1899.
        $sure = match (true) {
            'today' === $plain => $today,
            'yesterday' === $plain => $today->modify('-1 day'),
            1 === preg_match('/^(\d{4})[-\/. ](\d{1,2})[-\/. ](\d{1,2})$/', $plain, $f),
            1 === preg_match('/^(20\d\d)([01]\d)([0-3]\d)$/', $plain, $f) => self::day($today, (int) $f[1], (int) $f[2], (int) $f[3]),
            1 === preg_match('/^[34]\d{4}$/', $plain) => $today->setDate(1899, 12, 30 + (int) $plain),
            1 === preg_match('/[a-z]{3}/', $plain) => self::inWords($plain, $today),
            default => null,
        };
        if (null !== $sure) {
            return new self($sure, $sure);
        }
        if (1 !== preg_match('/^(\d{1,2})(?<by>[\/.-])(\d{1,2})(?:\k<by>(\d{4}|\d{2})?)?$/', $plain, $f)) {
            return new self(null, null);
        }
        $year = self::year($f[4] ?? '');
        $dayFirst = self::inYear($year, (int) $f[3], (int) $f[1], $today);

        // Nobody who writes points puts the month first.
        return new self($dayFirst, '.' === $f['by'] ? $dayFirst : self::inYear($year, (int) $f[1], (int) $f[3], $today));
    }

    /** Whether it is a day at all. */
    public function isOne(): bool
    {
        return null !== $this->dayFirst || null !== $this->monthFirst;
    }

    /**
     * @return list<\DateTimeImmutable> what it can be, by now; none: it is no day, or one to come
     */
    public function readings(\DateTimeImmutable $today, ?DayOrder $order = null): array
    {
        $read = match ($order) {
            DayOrder::DayFirst => [$this->dayFirst ?? $this->monthFirst],
            DayOrder::MonthFirst => [$this->monthFirst ?? $this->dayFirst],
            null => $this->isSure() ? [$this->dayFirst] : [$this->dayFirst, $this->monthFirst],
        };

        return array_values(array_filter($read, static fn (?\DateTimeImmutable $day): bool => null !== $day && $day <= $today));
    }

    /** The order that it shows to be meant; null: it shows nothing. */
    public function shows(\DateTimeImmutable $today): ?DayOrder
    {
        $readings = $this->readings($today);
        if ($this->isSure() || 1 !== \count($readings)) {
            return null;
        }

        return $readings[0] === $this->dayFirst ? DayOrder::DayFirst : DayOrder::MonthFirst;
    }

    private function isSure(): bool
    {
        return $this->dayFirst?->getTimestamp() === $this->monthFirst?->getTimestamp();
    }

    /** "3rd November 2026", "Nov 5, 2026", "12-Nov-26", "24 Nov". */
    private static function inWords(string $plain, \DateTimeImmutable $today): ?\DateTimeImmutable
    {
        $parts = preg_split('/[\s.,-]+/', (string) preg_replace('/(\d)(st|nd|rd|th)\b/', '$1', $plain), -1, \PREG_SPLIT_NO_EMPTY);
        $month = $day = $year = null;
        foreach (false === $parts ? [] : $parts as $part) {
            $named = self::MONTHS[substr($part, 0, 4)] ?? self::MONTHS[substr($part, 0, 3)] ?? null;
            match (true) {
                null !== $named => $month = $named,
                1 === preg_match('/^\d{1,2}$/', $part) && null === $day => $day = (int) $part,
                1 === preg_match('/^(\d{4}|\d{2})$/', $part) => $year = self::year($part),
                default => null,
            };
        }

        return null === $month || null === $day ? null : self::inYear($year, $month, $day, $today);
    }

    /** Without a year: the last one that has been. */
    private static function inYear(?int $year, int $month, int $day, \DateTimeImmutable $today): ?\DateTimeImmutable
    {
        if (null !== $year) {
            return self::day($today, $year, $month, $day);
        }
        $now = (int) $today->format('Y');
        $found = self::day($today, $now, $month, $day);

        return null !== $found && $found <= $today ? $found : self::day($today, $now - 1, $month, $day);
    }

    private static function year(string $written): ?int
    {
        return match (\strlen($written)) {
            4 => (int) $written,
            2 => 2000 + (int) $written,
            default => null,
        };
    }

    private static function day(\DateTimeImmutable $today, int $year, int $month, int $day): ?\DateTimeImmutable
    {
        return $year >= self::EARLIEST_YEAR && checkdate($month, $day, $year) ? $today->setDate($year, $month, $day) : null;
    }
}
