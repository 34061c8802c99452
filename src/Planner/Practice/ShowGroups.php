<?php

declare(strict_types=1);

namespace Zumbo\App\Planner\Practice;

use Zumbo\App\Planner\Practice\People\PlannedPerson;
use Zumbo\App\Shared\BeatView;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Plan\Practice\Block;
use Zumbo\Core\Plan\Practice\LeftOut;
use Zumbo\Core\Plan\Practice\Practice;
use Zumbo\Core\Plan\Practice\Slot;
use Zumbo\Core\Plan\Practice\WarmUpItem;
use Zumbo\Core\Rhythm\PatternTiming;

/**
 * Who does the same in a part: the same thing, and as much of it.
 */
final readonly class ShowGroups
{
    /** As many as a strip draws that is only looked at, and one by which it knows that there are more. */
    private const LOOKED_AT = 17;

    /**
     * @param array<string, PlannedPerson> $people
     *
     * @return list<PlanGroupView> the largest first
     */
    public function of(Practice $practice, Slot $slot, array $people): array
    {
        $blocks = $members = [];
        foreach (array_keys($people) as $id) {
            $block = $practice->block($id, $slot);
            if (null === $block) {
                continue;
            }
            $items = array_map(static fn (WarmUpItem $item): string => $item->code.$item->seconds, $block->items);
            $same = implode(' ', [$block->code, $block->sets, $block->aim, ...$items]);
            $blocks[$same][$id] = $block;
            $members[$same][] = $id;
        }
        uasort($members, static fn (array $one, array $other): int => \count($other) <=> \count($one));
        $views = [];
        foreach ($members as $same => $ids) {
            $views[] = self::view(
                $blocks[$same][$ids[0]],
                $ids,
                array_map(static fn (string $id): string => $people[$id]->firstName(), $ids),
                self::reasons($blocks[$same], $people),
            );
        }

        return $views;
    }

    /**
     * @param list<string>      $ids
     * @param list<string>      $names
     * @param list<PlanWhyView> $reasons
     */
    private static function view(Block $block, array $ids, array $names, array $reasons): PlanGroupView
    {
        $pattern = $block->pattern;

        return new PlanGroupView(
            $block->code,
            $block->title,
            $ids,
            $names,
            self::dose($block),
            $pattern?->text() ?? '',
            null === $pattern ? [] : array_map(
                BeatView::of(...),
                \array_slice(PatternTiming::of($pattern, Rate::perMinute((float) $block->cadence)), 0, self::LOOKED_AT),
            ),
            $block->cue,
            $block->rule,
            $reasons,
            array_map(static fn (WarmUpItem $item): PlanItemView => new PlanItemView($item->title, $item->seconds), $block->items),
            array_map(
                static fn (LeftOut $one): LeftOutView => new LeftOutView(
                    $one->code,
                    $one->title,
                    MessageCatalogue::name(Term::of($one->reason)),
                ),
                $block->leftOut,
            ),
            $block->easier,
            self::titleOf($block->easier),
            $block->harder,
            self::titleOf($block->harder),
        );
    }

    /**
     * @param non-empty-array<string, Block> $blocks by athlete id
     * @param array<string, PlannedPerson>   $people
     *
     * @return list<PlanWhyView> what most of them do it for first
     */
    private static function reasons(array $blocks, array $people): array
    {
        $names = $said = [];
        foreach ($blocks as $id => $block) {
            $why = SentenceView::of($block->why, LengthUnit::Centimetre);
            $said[$why->sentence] = $why;
            $names[$why->sentence][] = $people[$id]->firstName();
        }
        uasort($names, static fn (array $one, array $other): int => \count($other) <=> \count($one));

        return array_map(
            static fn (string $sentence): PlanWhyView => new PlanWhyView($said[$sentence], $names[$sentence]),
            array_keys($names),
        );
    }

    private static function dose(Block $block): string
    {
        if ([] !== $block->items || $block->isRest()) {
            return '';
        }
        $values = ['sets' => $block->sets, 'aim' => $block->aim, 'rest_s' => $block->restS];
        $said = match ($block->countKind) {
            CountKind::Streak => Verdict::of('plan.dose_streak', $values),
            CountKind::Tries => Verdict::of('plan.dose_tries', $values),
            CountKind::Hold => Verdict::of('plan.dose_hold', $values),
        };

        return SentenceView::of($said, LengthUnit::Centimetre)->sentence;
    }

    private static function titleOf(?string $code): ?string
    {
        return null === $code ? null : DrillTable::named($code)->title;
    }
}
