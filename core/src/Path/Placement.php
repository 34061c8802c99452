<?php

declare(strict_types=1);

namespace Zumbo\Core\Path;

use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\Posterior;
use Zumbo\Core\Streak\Prior;

/**
 * Where a newcomer or guest begins, from two minutes (the steps are common practice, no published source; where each ends is
 * our assumption). Provisional: the first practice confirms it. A double is noted, not rewarded: it says nothing of the return.
 */
final readonly class Placement
{
    /** So many singles in a row are told of. */
    private const IN_A_ROW = 20;

    /** Doubles in a row, the best of three goes → where they are worked on. */
    private const LINKED = [20 => Stage::Hold, 10 => Stage::Link, 3 => Stage::Mix];

    /**
     * @param Stage|null    $mayBe   one further, where a double is there and no bounce stands against it
     * @param Drill         $drill   to begin with, and its one cue
     * @param list<Verdict> $reasons the first says what it rests on
     */
    private function __construct(public Stage $stage, public ?Stage $mayBe, public Drill $drill, public array $reasons)
    {
    }

    public static function of(TwoMinutes $seen, Ways $ways): self
    {
        [$stage, $why] = self::stage($seen);
        $stage = $ways->method->skips($stage) ? $ways->method->after($stage) ?? $stage : $stage;
        $rewarded = null !== $seen->best || Stage::Snap === $stage || Stage::Jump === $stage || $seen->bounces();
        $mayBe = $rewarded || 0 === $seen->doubles ? null : $ways->method->after($stage);

        return new self($stage, $mayBe, DrillTable::ofStage($stage, $ways)[0], [
            Verdict::of($why, [
                'stage' => Term::of($stage),
                'misses' => $seen->misses,
                'tall' => $seen->tall,
                'tall_of' => $seen->tallOf,
                'doubles' => $seen->doubles,
            ]),
            ...self::inARow($seen),
            ...null === $mayBe ? [] : [Verdict::of('place.may_be', ['stage' => Term::of($mayBe)])],
        ]);
    }

    /**
     * How often so many follow each other, by these counts alone: what the gate of singles still asks for.
     *
     * @return list<Verdict> none when nobody counted, or single does not follow single
     */
    private static function inARow(TwoMinutes $seen): array
    {
        if (!$seen->counted || $seen->bounces() || !$seen->hasRhythm() || null !== $seen->best) {
            return [];
        }
        $chance = Posterior::ofSums(Prior::flat(), $seen->turns, $seen->misses, 1, true)->chanceOf(self::IN_A_ROW);

        return [Verdict::of('place.in_a_row', [
            'turns' => $seen->turns,
            'misses' => $seen->misses,
            'count' => self::IN_A_ROW,
            'in_ten' => (int) round(10 * $chance),
        ])];
    }

    /**
     * @return array{Stage, string} with the code of why
     */
    private static function stage(TwoMinutes $seen): array
    {
        return match (true) {
            $seen->halts() => [Stage::Jump, 'place.halts'],
            $seen->bounces() => [Stage::Join, 'place.bounces'],
            !$seen->hasRhythm() => [Stage::Join, 0 === $seen->turns ? 'place.no_turn' : 'place.misses'],
            null !== $seen->best => self::linked($seen->best),
            $seen->isTallInAll() => [Stage::Snap, 'place.doubles'],
            $seen->isTall() => [Stage::Range, 'place.tall'],
            default => [Stage::Singles, 'place.singles'],
        };
    }

    /**
     * @return array{Stage, string}
     */
    private static function linked(int $best): array
    {
        foreach (self::LINKED as $least => $stage) {
            if ($best >= $least) {
                return [$stage, 'place.linked'];
            }
        }

        return [Stage::Snap, 'place.linked'];
    }
}
