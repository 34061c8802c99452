<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Judgement;

/**
 * What is known of an invented athlete, as plain numbers and words: neither the core's values nor the database's rows.
 *
 * @phpstan-type Noted array{caution: string, place: ?string, degree: ?int, daysAgo: int, lifted: ?string, liftedDaysAgo: int}
 * @phpstan-type Rope array{cableM: float, handleM: float, stance: string, family: string, sound: bool, cut: bool, sizedM: float}
 * @phpstan-type Done array{daysAgo: int, reps: int, misses: int}
 */
final class Invented
{
    private const STAGES = ['jump', 'turn', 'join', 'singles', 'range', 'snap', 'mix', 'link', 'hold', 'workout'];
    private const SCHOOLS = ['height', 'shoulder', 'armpit', 'chest', 'below-chest', 'breastbone'];
    private const PLACES = ['shin', 'knee', 'wrist', 'achilles'];
    private const CAUTIONS = ['chest-pain', 'dizziness', 'leakage', 'pregnancy', 'heart', 'red-flag'];
    private const FAMILIES = ['beaded', 'thick-cord', 'medium-cord', 'coated-steel', 'thin-wire'];

    public string $id;
    public float $statureM;
    public ?int $age;
    public string $stage;
    public ?string $trim;
    public ?string $school;
    public ?float $handleM;

    /** @var Rope|null */
    public ?array $rope;

    /** @var list<Noted> */
    public array $noted = [];

    /** @var list<Done> */
    public array $done = [];

    public function __construct(private readonly \Random\Randomizer $chance)
    {
        $this->statureM = $this->number(136, 205) / 100;
        $this->age = $this->one(null, 9, 11, 12, 15, 17, 18, 30, 59, 60, 72);
        $this->stage = $this->any(self::STAGES);
        $this->trim = $this->one(null, null, 'start-long', 'goal-length');
        $this->school = $this->number(1, 4) > 1 ? null : $this->any(self::SCHOOLS);
        $this->handleM = $this->one(null, 0.12, 0.15, 0.15, 0.17);
        $this->rope = $this->number(1, 5) > 1 ? $this->newRope() : null;
        for ($i = $this->one(0, 0, 0, 1, 1, 2, 3); $i > 0; --$i) {
            $this->noted[] = $this->newNote();
        }
        // Far apart, or on days of their own: how they are ordered is not what is tried here.
        usort($this->noted, static fn (array $a, array $b): int => $b['daysAgo'] <=> $a['daysAgo']);
        $this->train();
    }

    /** @param 0|1|2|3|4 $what */
    public function change(int $what): void
    {
        match ($what) {
            0 => $this->noted[] = ['daysAgo' => 0, 'lifted' => null, 'liftedDaysAgo' => 0] + $this->newNote(),
            1 => $this->stage = $this->any(self::STAGES),
            2 => $this->statureM = min(2.1, $this->statureM + $this->number(1, 6) / 100),
            3 => $this->handleM = $this->one(null, 0.12, 0.17),
            4 => $this->school = $this->any(self::SCHOOLS),
        };
    }

    /** @return Rope */
    private function newRope(): array
    {
        $grown = $this->one(0, 0, 0.01, 0.03, 0.06);

        return [
            'cableM' => round($this->statureM * 1.45 + $this->number(-22, 40) / 100, 3),
            'handleM' => $this->one(0.12, 0.15, 0.17),
            'stance' => $this->one('two-feet', 'two-feet', 'one-foot', 'pinned'),
            'family' => $this->any(self::FAMILIES),
            'sound' => $this->number(1, 9) > 1,
            'cut' => $this->number(1, 5) < 2,
            'sizedM' => round($this->statureM - $grown, 2),
        ];
    }

    /** @return Noted */
    private function newNote(): array
    {
        $pain = $this->number(1, 3) > 1;
        $lifted = $this->one(null, null, 'coach', 'professional');
        $daysAgo = $this->number(1, 60);

        return [
            'caution' => $pain ? 'pain' : $this->any(self::CAUTIONS),
            'place' => $pain ? $this->any(self::PLACES) : null,
            'degree' => $pain ? $this->number(1, 9) : null,
            'daysAgo' => $daysAgo,
            'lifted' => $lifted,
            'liftedDaysAgo' => null === $lifted ? 0 : $this->number(0, $daysAgo),
        ];
    }

    private function train(): void
    {
        foreach ([2, 3, 5, 9, 11, 16, 18, 23, 25, 30, 37] as $daysAgo) {
            if ($this->number(1, 3) > 1) {
                $this->done[] = ['daysAgo' => $daysAgo, 'reps' => $this->number(60, 400), 'misses' => $this->number(0, 3)];
            }
        }
        if ($this->number(1, 4) < 2) {
            $this->done[] = ['daysAgo' => 1, 'reps' => 90, 'misses' => 1];
        }
        if ($this->number(1, 3) < 2) {
            $this->done[] = ['daysAgo' => 0, 'reps' => $this->number(30, 900), 'misses' => $this->one(0, 2, 25)];
        }
    }

    private function number(int $least, int $most): int
    {
        return $this->chance->getInt($least, $most);
    }

    /**
     * @template T
     *
     * @param T ...$words
     *
     * @return T
     */
    private function one(mixed ...$words): mixed
    {
        return array_values($words)[$this->number(0, \count($words) - 1)];
    }

    /** @param non-empty-list<string> $words */
    private function any(array $words): string
    {
        return $words[$this->number(0, \count($words) - 1)];
    }
}
