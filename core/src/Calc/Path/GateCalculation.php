<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc\Path;

use Zumbo\Core\Calc\Answer\VerdictAnswer;
use Zumbo\Core\Calc\Calculation;
use Zumbo\Core\Calc\Field\AttemptFields;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\BodyFields;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\Inputs;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Method\GateRule;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Path\Entry;
use Zumbo\Core\Path\GateChoice;
use Zumbo\Core\Path\GateCurve;
use Zumbo\Core\Path\GateLog;
use Zumbo\Core\Path\GateOutlook;
use Zumbo\Core\Path\GateSetting;
use Zumbo\Core\Path\GatesInForce;
use Zumbo\Core\Path\GateTable;
use Zumbo\Core\Path\PathNews;
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
            array_filter(Stage::cases(), static fn (Stage $stage): bool => null !== GateTable::of($stage, Ways::usual())),
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
                    AttemptFields::age(),
                ],
                'tries that are clean or not',
            ),
            Field::rows(
                'holds',
                [
                    Field::whole('seconds', 1, self::MOST, 'seconds held')->required(),
                    Field::whole('misses', 0, self::MOST, 'misses in it')->required(),
                    AttemptFields::age(),
                ],
                'timed holds',
            ),
            Field::whole('rough_last', 0, self::MOST, 'how many of the newest entries were rough')->default(0.0),
            Field::whole('count', 1, GateSetting::MOST_COUNT, 'another count than the stage\'s'),
            Field::choice('choice', array_column(GateChoice::cases(), 'value'), 'what is asked at the stage')->default('usual'),
            BodyFields::method(),
            Field::choice('rule', array_column(GateRule::cases(), 'value'), 'what of it opens the gate')->default('both'),
            Field::whole('trimmed_days_ago', 0, 3_650, 'when the rope was trimmed; left out: not lately'),
        ];
    }

    public function calculate(Inputs $inputs): array
    {
        $stage = Stage::from($inputs->text('stage'));
        $gates = self::gates($stage, $inputs);
        $entries = self::entries($inputs);
        $gate = $gates->at($stage) ?? throw new \LogicException('the last stage has no gate');
        $log = GateLog::ofEntries($gate->countKind, $entries);
        $outlook = GateOutlook::ofLog($stage, $gates, $log);
        $advice = $outlook->advice();
        $news = PathNews::of(
            $outlook,
            $log->sessions,
            $inputs->has('trimmed_days_ago') ? -$inputs->whole('trimmed_days_ago') : null,
        );

        return [
            'measure' => $gate->countKind->value,
            'count' => $gate->count,
            'chance' => $outlook->chance,
            'chance_interval_80' => $advice->interval,
            'entries' => $outlook->recent->entries,
            'more' => $advice->more,
            ...null === $advice->more ? ['more_reason' => 'more than fifty'] : [],
            'open' => $outlook->isOpenNow(),
            'verdict' => $outlook->verdict->value,
            'change' => $news->change->change->value,
            'curve' => array_map(static fn (GateCurve $point): array => [
                'count' => $point->count,
                'chance' => $point->chance,
                'chance_interval_80' => [$point->low, $point->high],
            ], GateCurve::of($gate, $outlook->recent)),
            'news' => VerdictAnswer::of(array_filter([$news->news])),
            'sentences' => VerdictAnswer::of([$outlook->outlook, $advice->basis, $advice->next]),
        ];
    }

    private static function gates(Stage $stage, Inputs $inputs): GatesInForce
    {
        $gates = GatesInForce::usual(Ways::of([
            'method' => $inputs->text('method'),
            'gates' => $inputs->text('rule'),
        ]));
        $choice = GateChoice::from($inputs->text('choice'));
        if (!\in_array($choice, GateTable::choices($stage), true)) {
            throw BadInput::of('choice', $choice->value, implode(', ', array_column(GateTable::choices($stage), 'value')));
        }
        $count = $inputs->has('count') ? $inputs->whole('count') : null;
        try {
            return $gates->asking($stage, GateSetting::of($stage, $choice, $count, false));
        } catch (OutOfRange $e) {
            throw BadInput::of('count', $count, $e->accepted);
        }
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
                    CountedReps::counted(
                        $row->whole('clean'),
                        max(0, $row->whole('tries') - $row->whole('clean')),
                        $row->number('days_ago'),
                    ),
                ],
                $inputs->rows('tries'),
            ),
            ...array_map(
                static fn (Inputs $row): array => [
                    CountKind::Hold,
                    CountedReps::counted($row->whole('seconds'), $row->whole('misses'), $row->number('days_ago')),
                ],
                $inputs->rows('holds'),
            ),
        ];

        return self::inOrder($all, \count($all) - $inputs->whole('rough_last'));
    }

    /**
     * @param list<array{CountKind, CountedReps}> $all   the newest last
     * @param int                                 $clean how many of the first are
     *
     * @return list<Entry>
     */
    private static function inOrder(array $all, int $clean): array
    {
        return array_map(
            static fn (int $i, array $entry): Entry => new Entry(
                $entry[0],
                $entry[1],
                $i < $clean,
                // One day is one session.
                (string) floor($entry[1]->daysAgo),
                false,
                -(int) floor($entry[1]->daysAgo),
            ),
            array_keys($all),
            $all,
        );
    }
}
