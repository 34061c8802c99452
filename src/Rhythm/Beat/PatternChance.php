<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Beat;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Shared\NamedAthlete;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Pacing\AthleteHazard;
use Zumbo\Core\Rhythm\Beat;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Sets\Ladder;
use Zumbo\Core\Sets\PatternOutlook;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Streak\Prior;

/**
 * How likely an athlete makes a pattern, from their own log.
 */
final readonly class PatternChance
{
    public function __construct(private NamedAthlete $athletes, private Attempts $attempts, private ClockInterface $clock)
    {
    }

    /**
     * @param list<Beat> $beats
     */
    public function of(Pattern $pattern, array $beats, string $athleteId): ?SentenceView
    {
        $athlete = $this->athletes->of($athleteId);
        $stage = $athlete->stage();
        $own = AthleteHazard::of(Prior::forStage($stage), $this->attempts->countedStreaks($athlete, $this->clock->now()))->hazard;
        [$singles, $doubles] = JumpKind::Single === Ladder::kindAt($stage)
            ? [$own, Hazard::untaughtDoubles()]
            : [Hazard::usualSingles(), $own];
        $outlook = PatternOutlook::of($pattern, $beats, $singles, $doubles);

        return null === $outlook ? null : SentenceView::of($outlook->verdict, LengthUnit::Centimetre);
    }
}
