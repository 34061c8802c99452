<?php

declare(strict_types=1);

namespace Zumbo\App\Sets;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Api\SentenceView;
use Zumbo\App\Record\Athletes;
use Zumbo\App\Record\Attempts;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Pacing\AthleteHazard;
use Zumbo\Core\Sets\Ladder;
use Zumbo\Core\Sets\LadderFamily;
use Zumbo\Core\Sets\LadderOutlook;
use Zumbo\Core\Sets\LadderStory;
use Zumbo\Core\Sets\RungOutlook;
use Zumbo\Core\Streak\Hazard;

/**
 * Builds a ladder and says, from the athlete's own log, how it will go.
 */
final readonly class BuildLadder
{
    /** Seconds of a single and a double, of the break between rungs, and of a miss (our assumption). */
    private const SINGLE_S = 0.5;
    private const DOUBLE_S = 0.58;
    private const BREAK_S = 5.0;
    private const MISS_S = 8.0;

    public function __construct(private Athletes $athletes, private Attempts $attempts, private ClockInterface $clock)
    {
    }

    public function forAthlete(Uuid $id, LadderInput $input): LadderView
    {
        $athlete = $this->athletes->get($id);
        $hazard = AthleteHazard::of($athlete->stage(), $this->attempts->evidenceOfDoubles($id, $this->clock->now()));
        $ladder = Ladder::of(LadderFamily::from($input->family), $input->top, fixedSingles: $input->fixedSingles);
        $outlook = LadderOutlook::of($ladder, Hazard::usualSingles(), $hazard->hazard, self::SINGLE_S, self::DOUBLE_S, self::BREAK_S, self::MISS_S);
        $sum = static fn (callable $of): int => array_sum(array_map($of, $outlook->rungs));

        return new LadderView(
            $id->toRfc4122(),
            SentenceView::of(LadderStory::of($outlook), LengthUnit::Centimetre),
            SentenceView::of($hazard->source, LengthUnit::Centimetre),
            array_map(RungView::of(...), $outlook->rungs),
            $sum(static fn (RungOutlook $rung): int => $rung->pattern->jumps()),
            $sum(static fn (RungOutlook $rung): int => $rung->pattern->turns()),
            $sum(static fn (RungOutlook $rung): int => $rung->pattern->contacts()),
            $outlook->tries(),
            $outlook->tries() - \count($outlook->rungs),
            $outlook->cleanS(),
            $outlook->expectedS(),
        );
    }
}
