<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Path;

use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\AttemptFields;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Path\Entry;
use Zumbo\Core\Path\Gate;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\GateTable;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Streak\CountedReps;

/**
 * `gate`: whether an athlete is ready for the next stage, on what that rests, and the one next thing.
 */
final class GateCalculation implements Calculation
{
    private const MOST = 100_000;

    public function name(): string
    {
        return 'gate';
    }

    public function summary(): string
    {
        return 'the outlook of a stage\'s gate from logged entries';
    }

    public function fields(): array
    {
        $stages = array_values(
            array_filter(Stage::cases(), static fn (Stage $stage): bool => null !== GateTable::of($stage)),
        );

        return [
            Field::choice('stage', array_column($stages, 'value'), 'stage on the path')->required(),
            AttemptFields::attempts(),
            AttemptFields::sets(),
            Field::rows(
                'tries',
                [
                    Field::whole('clean', 0, self::MOST, 'clean ones')->required(),
                    Field::whole('tries', 1, self::MOST, 'tries in all')->required(),
                ],
                'tries that are clean or not',
            ),
            Field::rows(
                'holds',
                [
                    Field::whole('seconds', 1, self::MOST, 'seconds held')->required(),
                    Field::whole('misses', 0, self::MOST, 'misses in it')->required(),
                ],
                'timed holds',
            ),
            Field::whole('rough_last', 0, self::MOST, 'how many of the newest entries were rough')->default(0.0),
            Field::whole('count', 1, 10_000, 'another count than the stage\'s'),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $stage = Stage::from($inputs->text('stage'));
        $usual = GateTable::of($stage) ?? throw new \LogicException('the last stage has no gate');
        $gate = $inputs->has('count')
            ? new Gate($usual->countKind, $inputs->whole('count'), $usual->tries, $usual->quality)
            : $usual;
        if (CountKind::Tries === $gate->countKind && $gate->count > $gate->tries) {
            throw BadInput::of(
                'count',
                $inputs->number('count'),
                \sprintf('at most %d, the number of tries', $gate->tries),
            );
        }
        $outlook = GateOutlook::of($stage, $gate, self::entries($inputs));
        $advice = $outlook->advice();

        return [
            'measure' => $gate->countKind->value,
            'count' => $gate->count,
            'chance' => $outlook->chance,
            'chance_interval_80' => $advice->interval,
            'entries' => $outlook->recent->entries,
            'more' => $advice->more,
            ...null === $advice->more ? ['more_reason' => 'more than fifty'] : [],
            'open' => $outlook->open,
            'sentences' => VerdictAnswer::of([$outlook->outlook, $advice->basis, $advice->next]),
        ];
    }

    /**
     * @return list<Entry>
     */
    private static function entries(Inputs $inputs): array
    {
        $all = [
            ...array_map(
                static fn (CountedReps $counted): array => [CountKind::Streak, $counted],
                AttemptFields::counted($inputs),
            ),
            ...array_map(
                static fn (Inputs $row): array => [
                    CountKind::Tries,
                    CountedReps::counted($row->whole('clean'), max(0, $row->whole('tries') - $row->whole('clean'))),
                ],
                $inputs->rows('tries'),
            ),
            ...array_map(
                static fn (Inputs $row): array => [
                    CountKind::Hold,
                    CountedReps::counted($row->whole('seconds'), $row->whole('misses')),
                ],
                $inputs->rows('holds'),
            ),
        ];
        $clean = \count($all) - $inputs->whole('rough_last');

        return array_map(
            static fn (int $i, array $entry): Entry => new Entry(
                $entry[0],
                $entry[1],
                $i < $clean,
                // One day is one session.
                (string) floor($entry[1]->daysAgo),
            ),
            array_keys($all),
            $all,
        );
    }
}
