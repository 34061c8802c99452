<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Athlete;

use Zumbo\App\Entity\Log\Found\LoggedGoes;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Stage\Phase;
use Zumbo\Core\Stage\Stage;
use Zumbo\Core\Story\SurvivalCurve;
use Zumbo\Core\Streak\CountedReps;

/**
 * How far goes reach now, and how far they did four and twelve weeks ago: each of four weeks, of the same kind of jump.
 */
final readonly class DrawCurves
{
    /** The four weeks ended so many weeks ago. */
    private const ENDED_WEEKS_AGO = [0, 4, 12];
    private const WEEKS = 4;

    /** Where no gate counts reps. */
    private const REPS = 10;

    public function __construct(private LoggedGoes $goes)
    {
    }

    /**
     * @return array{list<StoryCurveView>, SentenceView}
     */
    public function of(Judged $judged, \DateTimeImmutable $now): array
    {
        $stage = $judged->athlete->stage();
        $first = $now->modify(\sprintf('-%d weeks', max(self::ENDED_WEEKS_AGO) + self::WEEKS));
        $goes = array_filter(
            $this->goes->of($judged->athlete->id(), $first),
            static fn (array $go): bool => self::doubles($go['stage']) === self::doubles($stage),
        );
        $curves = [];
        foreach (self::ENDED_WEEKS_AGO as $weeks) {
            $end = $now->modify("-$weeks weeks");
            $from = $end->modify(\sprintf('-%d weeks', self::WEEKS));
            $within = array_filter($goes, static fn (array $go): bool => $go['at'] > $from && $go['at'] <= $end);
            if ([] !== $within) {
                $curves[$weeks] = SurvivalCurve::of(array_values(array_map(
                    static fn (array $go): CountedReps => CountedReps::attempt($go['reps'], $go['end']),
                    $within,
                )));
            }
        }
        $gate = $judged->gates->at($stage);
        $reps = CountKind::Streak === $gate?->countKind ? $gate->count : self::REPS;

        return [
            array_map(StoryCurveView::of(...), array_keys($curves), array_values($curves)),
            SentenceView::of(self::said($curves, $reps, self::doubles($stage)), LengthUnit::Centimetre),
        ];
    }

    public static function doubles(Stage $stage): bool
    {
        return Phase::Linking === $stage->phase();
    }

    /**
     * @param array<int, SurvivalCurve> $curves by the weeks since they ended
     */
    private static function said(array $curves, int $reps, bool $doubles): Verdict
    {
        $now = $curves[0] ?? null;
        if (null === $now) {
            return Verdict::of('story.curve_none');
        }
        $reps = $now->toldUpTo($reps);
        $values = [
            'what' => $doubles ? 'doubles' : 'singles',
            'reps' => $reps,
            'share' => (int) round(10 * ($now->at($reps)->share ?? 0.0)),
            'goes' => $now->goes,
        ];
        foreach ([12, 4] as $weeks) {
            $then = $curves[$weeks] ?? null;
            $difference = null === $then ? null : $now->against($then, $reps);
            if (null !== $then && null !== $difference) {
                $values += ['weeks' => $weeks, 'then' => (int) round(10 * ($then->at($reps)->share ?? 0.0))];

                return match ($difference) {
                    1 => Verdict::of('story.curve_better', $values),
                    -1 => Verdict::of('story.curve_worse', $values),
                    default => Verdict::of('story.curve_open', $values),
                };
            }
        }

        return Verdict::of('story.curve_now', $values);
    }
}
