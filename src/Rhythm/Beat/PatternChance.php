<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Beat;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Shared\Outlook\ReadOutlooks;
use Zumbo\App\Shared\People\NamedAthlete;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\Core\Drill\CountKind;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Pacing\AthleteHazard;
use Zumbo\Core\Rhythm\Beat;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\PatternOutlook;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Streak\Prior;

/**
 * How likely an athlete makes a pattern, from their own log.
 */
final readonly class PatternChance
{
    public function __construct(
        private NamedAthlete $athletes,
        private Attempts $attempts,
        private JudgeToday $judge,
        private ReadOutlooks $outlooks,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @param list<Beat> $beats
     */
    public function of(Pattern $pattern, array $beats, string $athleteId): ?SentenceView
    {
        $athlete = $this->athletes->of($athleteId);
        $outlook = $this->byHolds($athlete, $pattern, $beats) ?? $this->byJumps($athlete, $pattern, $beats);

        return null === $outlook ? null : SentenceView::of($outlook->verdict, LengthUnit::Centimetre);
    }

    /**
     * Whose gate counts seconds is told by them, as the gate is, of any pattern no harder than their drills.
     *
     * @param list<Beat> $beats
     */
    private function byHolds(Athlete $athlete, Pattern $pattern, array $beats): ?PatternOutlook
    {
        $judged = $this->judge->athlete($athlete);
        $gate = $this->outlooks->one($judged)->gate;
        if (null === $gate || CountKind::Hold !== $gate->gate->countKind || 0 === $gate->recent->entries) {
            return null;
        }
        $hardest = max(array_map(
            static fn (Drill $drill): float => $drill->pattern->turns() / max(1, $drill->pattern->jumps()),
            DrillTable::ofStage($athlete->stage(), $judged->gates->ways),
        ));

        return $pattern->turns() / max(1, $pattern->jumps()) > $hardest
            ? null
            : PatternOutlook::ofHolds($pattern, $beats, $gate->recent->posterior);
    }

    /**
     * @param list<Beat> $beats
     */
    private function byJumps(Athlete $athlete, Pattern $pattern, array $beats): ?PatternOutlook
    {
        $stage = $athlete->stage();
        $own = AthleteHazard::of(Prior::forStage($stage), $this->attempts->countedStreaks($athlete, $this->clock->now()))->hazard;
        [$singles, $doubles] = JumpKind::Single === Ladder::kindAt($stage)
            ? [$own, Hazard::untaughtDoubles()]
            : [Hazard::usualSingles(), $own];

        return PatternOutlook::of($pattern, $beats, $singles, $doubles);
    }
}
