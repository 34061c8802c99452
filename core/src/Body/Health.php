<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;

/**
 * What stands of all that was noted of an athlete's health, and what it says of jumping.
 *
 * Pain stands until a coach clears it, everything else until the athlete states that a professional did. Pain of 7 or
 * more, and the third record of one place within four weeks, count as a warning sign (our assumption).
 */
final readonly class Health
{
    public const SEVERE_FROM = 7;
    public const RECORDS_OF_ONE_PLACE = 3;
    public const WITHIN_DAYS = 28;

    /**
     * @param list<HealthNote> $standing
     * @param list<BodyPart>   $sore
     * @param list<Verdict>    $reasons  why jumping is off, the gravest first
     */
    private function __construct(
        public array $standing,
        public array $sore,
        /** Not even work without jumping. */
        public bool $nothing,
        public bool $noJumping,
        public bool $easy,
        /** Days since pain was cleared last, for the easy return; null: nothing was. */
        public ?int $returningSinceDays,
        public array $reasons,
        /** @var list<Verdict> of each standing one, in the same order */
        private array $about,
    ) {
    }

    public static function sound(): self
    {
        return self::of([]);
    }

    /**
     * @param list<HealthNote> $notes in any order
     */
    public static function of(array $notes): self
    {
        usort($notes, static fn (HealthNote $a, HealthNote $b): int => $b->daysAgo <=> $a->daysAgo);
        $standing = $reasons = $back = $about = [];
        foreach ($notes as $i => $note) {
            $counts = self::countsAsRedFlag($note, \array_slice($notes, 0, $i));
            if (self::isLifted($note, $counts)) {
                if ($note->caution->isPain()) {
                    $back[] = $note->clearedDaysAgo;
                }
                continue;
            }
            $standing[] = $note;
            $about[] = self::reason($note, $counts);
            if (Caution::EasyWeeks !== $note->caution) {
                $reasons[self::gravity($note, $counts).'.'.\count($reasons)] = self::reason($note, $counts);
            }
        }
        ksort($reasons, \SORT_NATURAL);
        $graves = array_map(static fn (string $key): int => (int) $key, array_map(strval(...), array_keys($reasons)));

        return new self(
            $standing,
            array_values(array_unique(
                array_filter(array_map(static fn (HealthNote $note): ?BodyPart => $note->place, $standing)),
                \SORT_REGULAR,
            )),
            \in_array(0, $graves, true) || \in_array(1, $graves, true),
            [] !== $reasons,
            [] !== array_filter($standing, static fn (HealthNote $note): bool => Caution::EasyWeeks === $note->caution),
            [] === $back || [] !== $reasons ? null : min($back),
            array_values($reasons),
            $about,
        );
    }

    /** @param HealthNote $note one of the standing ones */
    public function about(HealthNote $note): Verdict
    {
        $at = array_search($note, $this->standing, true);

        return false === $at ? throw new \LogicException('the note does not stand') : $this->about[$at];
    }

    /** Jumping is off until the athlete states that a professional cleared it. */
    public function professionalClears(): bool
    {
        return $this->nothing || [] !== array_filter(
            $this->standing,
            static fn (HealthNote $note): bool => $note->caution->needsProfessional(),
        );
    }

    /** Whether this one may be cleared by a coach, with what was noted before it. */
    public static function coachMayClear(HealthNote $note, HealthNote ...$before): bool
    {
        return !$note->caution->needsProfessional() && !self::countsAsRedFlag($note, array_values($before));
    }

    /**
     * @param list<HealthNote> $before
     */
    private static function countsAsRedFlag(HealthNote $note, array $before): bool
    {
        if (!$note->caution->isPain()) {
            return $note->caution->isRedFlag();
        }
        $same = array_filter(
            $before,
            static fn (HealthNote $other): bool => $other->caution->isPain()
                && null !== $note->place
                && $other->place === $note->place
                && $other->daysAgo - $note->daysAgo <= self::WITHIN_DAYS,
        );

        return ($note->degree ?? 0) >= self::SEVERE_FROM || \count($same) + 1 >= self::RECORDS_OF_ONE_PLACE;
    }

    private static function isLifted(HealthNote $note, bool $countsAsRedFlag): bool
    {
        return match ($note->clearedBy) {
            Clearance::Professional => true,
            Clearance::Coach => !$note->caution->needsProfessional() && !$countsAsRedFlag,
            null => Caution::EasyWeeks === $note->caution && $note->isOver(),
        };
    }

    /** 0 and 1: nothing is left to do; 2 and 3: work without jumping. */
    private static function gravity(HealthNote $note, bool $countsAsRedFlag): int
    {
        return match (true) {
            $note->caution->isUrgent() => 0,
            $countsAsRedFlag && $note->caution->isPain() => 1,
            $note->caution->isPain() => 3,
            default => 2,
        };
    }

    private static function reason(HealthNote $note, bool $countsAsRedFlag): Verdict
    {
        $values = ['caution' => Term::of($note->caution)];
        if (Caution::EasyWeeks === $note->caution) {
            $values['days'] = $note->daysLeft ?? -1;
        }
        if ($note->caution->isPain()) {
            $values += [
                'place' => Term::of($note->place ?? BodyPart::Elsewhere),
                'degree' => $note->degree ?? -1,
                'severe' => self::SEVERE_FROM,
                'records' => self::RECORDS_OF_ONE_PLACE,
            ];
        }

        return Verdict::of(match (true) {
            $note->caution->isUrgent() => 'caution.urgent',
            Caution::Leakage === $note->caution => 'caution.leakage',
            $countsAsRedFlag => ($note->degree ?? 0) >= self::SEVERE_FROM ? 'caution.severe_pain' : 'caution.again',
            $note->caution->isPain() => 'caution.pain',
            Caution::EasyWeeks === $note->caution => 'caution.easy',
            default => 'caution.ask_first',
        }, $values);
    }
}
