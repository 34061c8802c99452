<?php

declare(strict_types=1);

namespace Zumbo\App\Sets;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\MayJump;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Pacing\AthleteHazard;
use Zumbo\Core\Rhythm\JumpKind;
use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Sets\Ladder\LadderOutlook;
use Zumbo\Core\Sets\Ladder\LadderVerdict;
use Zumbo\Core\Sets\Ladder\RungOutlook;
use Zumbo\Core\Sets\WorkCode;
use Zumbo\Core\Streak\Hazard;
use Zumbo\Core\Streak\Prior;

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

    /** A ladder that asks for more is not for today anyway. */
    private const MOST_CONTACTS = 9_999;

    public function __construct(
        private Athletes $athletes,
        private Attempts $attempts,
        private MayJump $mayJump,
        private ClockInterface $clock,
    ) {
    }

    public function forAthlete(Uuid $id, LadderInput $input): LadderView
    {
        $athlete = $this->athletes->get($id);
        $judged = $this->mayJump->orRefuse($athlete);
        $stage = $athlete->stage();
        $family = LadderFamily::from($input->family);
        $method = $judged->gates->ways->method;
        if (!$family->isJumpedBy($method)) {
            throw BadField::of('family', $family->value, implode(', ', array_column(LadderFamily::jumpedBy($method), 'value')));
        }
        $kind = Ladder::kindAt($stage);
        $countKind = Ladder::measuredBy($family, $stage);
        $own = AthleteHazard::of(Prior::forStage($stage), $this->attempts->countedStreaks($athlete, $this->clock->now()));
        [$singles, $doubles] = JumpKind::Single === $kind
            ? [$own->hazard, Hazard::untaughtDoubles()]
            : [Hazard::usualSingles(), $own->hazard];
        $upTo = fn (int $top): LadderOutlook => $this->outlook(
            Ladder::of($family, $top, $kind, $input->fixedSingles, $method),
            $singles,
            $doubles,
        );
        $outlook = $upTo($input->top);
        $contacts = (int) min(self::MOST_CONTACTS, round($outlook->expectedContacts()));
        $sum = static fn (callable $of): int => array_sum(array_map($of, $outlook->rungs));

        return new LadderView(
            $id->toRfc4122(),
            WorkCode::ofLadder($family),
            $countKind,
            SentenceView::of(LadderVerdict::of($outlook), LengthUnit::Centimetre),
            SentenceView::of($own->source, LengthUnit::Centimetre),
            array_map(static fn (RungOutlook $rung): RungView => RungView::of($rung, $countKind), $outlook->rungs),
            $sum(static fn (RungOutlook $rung): int => $rung->pattern->jumps()),
            $sum(static fn (RungOutlook $rung): int => $rung->pattern->turns()),
            $contacts,
            $outlook->chanceOfAll(),
            $outlook->isInReach(),
            $outlook->isInReach() ? $input->top : self::topInReach($upTo, $input->top - 1),
            $outlook->tries(),
            $outlook->tries() - \count($outlook->rungs),
            $outlook->cleanS(),
            $outlook->expectedS(),
            self::BREAK_S,
            SentenceView::of(
                $judged->today->contacts->with($contacts),
                LengthUnit::Centimetre,
            ),
        );
    }

    /**
     * @param callable(int): LadderOutlook $upTo
     */
    private static function topInReach(callable $upTo, int $from): ?int
    {
        for ($top = $from; $top >= 1; --$top) {
            if ($upTo($top)->isInReach()) {
                return $top;
            }
        }

        return null;
    }

    private function outlook(Ladder $ladder, Hazard $singles, Hazard $doubles): LadderOutlook
    {
        return LadderOutlook::of(
            $ladder,
            $singles,
            $doubles,
            self::SINGLE_S,
            self::DOUBLE_S,
            self::BREAK_S,
            self::MISS_S,
        );
    }
}
