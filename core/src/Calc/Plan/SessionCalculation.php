<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Plan;

use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Drill\DrillShelf;
use Zumbo\Core\Plan\Practice\Block;
use Zumbo\Core\Plan\Practice\LeftOut;
use Zumbo\Core\Plan\Practice\Participant;
use Zumbo\Core\Plan\Practice\PlanPractice;
use Zumbo\Core\Plan\Practice\Practice;
use Zumbo\Core\Plan\Practice\Slot;
use Zumbo\Core\Plan\Practice\WarmUpItem;

/**
 * `session`: a practice for one or several, with its parts, how much of each, and the rule that chose it.
 */
final class SessionCalculation implements Calculation
{
    public function name(): string
    {
        return 'session';
    }

    public function summary(): string
    {
        return 'a practice for so many minutes, people and things, and why each block is in it';
    }

    public function fields(): array
    {
        return SessionFields::all();
    }

    public function calculate(Inputs $inputs): array
    {
        $people = [];
        foreach ($inputs->rows('people') as $i => $row) {
            $people[] = SessionFields::participantOf($row, $i);
        }
        $practice = PlanPractice::of(SessionFields::wishOf($inputs), $people, DrillShelf::library());

        return [
            'blocks' => self::parts($practice),
            'people' => array_map(static fn (int $number, Participant $one): array => [
                'person' => $number,
                'contacts' => $practice->contacts($one->key),
                'contacts_left_today' => $one->allowance->contactsLeftToday,
                'allowance' => $one->allowance->jumping->value,
                'blocks' => array_map(self::block(...), $practice->blocks[$one->key] ?? []),
                'notes' => VerdictAnswer::of($practice->notesOf[$one->key] ?? []),
            ], array_keys($people), $people),
            'notes' => VerdictAnswer::of($practice->notes),
            'weight' => $practice->cost,
            'weight_bound' => $practice->bound,
            'gap' => $practice->gap(),
        ];
    }

    /**
     * The parts that everybody goes through at one time, and what is done in each.
     *
     * @return list<array<string, mixed>>
     */
    private static function parts(Practice $practice): array
    {
        $parts = [];
        foreach ($practice->sections as $slot => $seconds) {
            $groups = [];
            foreach (array_keys($practice->blocks) as $number => $person) {
                $block = $practice->block($person, Slot::from($slot));
                if (null !== $block) {
                    $groups[$block->code] ??= [
                        'what' => $block->title,
                        'code' => $block->code,
                        'rule' => $block->rule->value,
                        'people' => [],
                    ];
                    $groups[$block->code]['people'][] = $number;
                }
            }
            $parts[] = [
                'part' => $slot,
                'seconds' => $seconds,
                'what' => implode('; ', array_column($groups, 'what')),
                'rule' => implode('; ', array_unique(array_column($groups, 'rule'))),
                'groups' => array_values($groups),
            ];
        }

        return $parts;
    }

    /**
     * @return array<string, mixed>
     */
    private static function block(Block $block): array
    {
        return [
            'part' => $block->slot->value,
            'seconds' => $block->seconds,
            'what' => $block->title,
            'code' => $block->code,
            'pattern' => $block->pattern?->notation(),
            ...null === $block->pattern ? ['pattern_reason' => 'nothing with a beat of its own'] : [],
            'sets' => $block->sets,
            'aim' => $block->aim,
            'count_kind' => $block->countKind->value,
            'rest_s' => $block->restS,
            'cue' => $block->cue,
            'contacts' => $block->contacts,
            'rule' => $block->rule->value,
            'why' => VerdictAnswer::of([$block->why])[0]['sentence'],
            'items' => array_map(
                static fn (WarmUpItem $item): array => ['what' => $item->title, 'code' => $item->code, 'seconds' => $item->seconds],
                $block->items,
            ),
            'left_out' => array_map(
                static fn (LeftOut $one): array => ['what' => $one->title, 'code' => $one->code, 'reason' => $one->reason->value],
                $block->leftOut,
            ),
        ];
    }
}
