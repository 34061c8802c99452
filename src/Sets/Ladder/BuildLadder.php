<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Ladder;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\People\Athlete;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Sets\AthletePace;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\Judged;
use Zumbo\App\Shared\Today\MayJump;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Method\Method;
use Zumbo\Core\Sets\Ladder\Ladder;
use Zumbo\Core\Sets\Ladder\LadderAim;
use Zumbo\Core\Sets\Ladder\LadderFamily;
use Zumbo\Core\Sets\Ladder\LadderFit;
use Zumbo\Core\Sets\Ladder\LadderOutlook;
use Zumbo\Core\Sets\Ladder\LadderPace;
use Zumbo\Core\Sets\Ladder\LadderVerdict;
use Zumbo\Core\Sets\Ladder\LadderWish;
use Zumbo\Core\Sets\Ladder\MissRule;
use Zumbo\Core\Sets\Ladder\RungOutlook;
use Zumbo\Core\Sets\WorkCode;

/**
 * Builds a ladder and says, from the athlete's own log, how it will go; or finds the one that fits.
 */
final readonly class BuildLadder
{
    /** A ladder that asks for more is not for today anyway. */
    private const MOST_CONTACTS = 9_999;

    public function __construct(private Athletes $athletes, private MayJump $mayJump, private AthletePace $pace)
    {
    }

    public function forAthlete(Uuid $id, LadderInput $input): LadderView
    {
        [$athlete, $judged] = $this->judged($id);
        $stage = $athlete->stage();
        $family = self::climbed($input->family, $judged->gates->ways->method);
        $countKind = Ladder::measuredBy($family, $stage);
        [$pace, $source] = $this->pace->of($athlete);
        $upTo = static fn (?int $top = null): Ladder => $input->ladder($family, Ladder::kindAt($stage), $judged->gates->ways->method, $top);
        $rule = MissRule::from($input->missRule);
        $ladder = $upTo();
        $outlook = $pace->outlook($ladder, $rule);
        $contacts = (int) min(self::MOST_CONTACTS, round($outlook->expectedContacts()));

        return new LadderView(
            $id->toRfc4122(),
            WorkCode::ofLadder($family),
            $countKind,
            SentenceView::of(LadderVerdict::of($outlook), LengthUnit::Centimetre),
            SentenceView::of($source, LengthUnit::Centimetre),
            array_map(static fn (RungOutlook $rung): RungView => RungView::of($rung, $ladder, $countKind), $outlook->rungs),
            $ladder->times,
            $rule,
            $ladder->jumps(),
            $ladder->turns(),
            $ladder->exitJumps(),
            $contacts,
            $outlook->chanceOfAll(),
            $outlook->isInReach(),
            $outlook->isInReach()
                ? $input->top
                : self::topInReach(static fn (int $top): LadderOutlook => $pace->outlook($upTo($top), $rule), $input->top - 1),
            LadderView::shown($outlook->goes()),
            LadderView::shown($outlook->expectedMisses()),
            $outlook->cleanS(),
            LadderView::shown($outlook->expectedS()),
            LadderPace::BREAK_S,
            LadderByClock::text($ladder, $outlook, LadderPace::BREAK_S),
            SentenceView::of($judged->today->contacts->with($contacts), LengthUnit::Centimetre),
        );
    }

    public function fitted(Uuid $id, LadderFitInput $input): LadderFitView
    {
        [$athlete, $judged] = $this->judged($id);
        $method = $judged->gates->ways->method;
        [$pace, $source] = $this->pace->of($athlete);
        $wish = LadderWish::of(
            self::climbed($input->family, $method),
            LadderAim::from($input->aim),
            Ladder::kindAt($athlete->stage()),
            $method,
            MissRule::from($input->missRule),
            $input->fixedSingles,
            $input->exitSingles,
            null === $input->minutes ? null : (float) $input->minutes,
            min($input->contacts ?? \PHP_INT_MAX, max(1, $judged->today->contacts->today)),
        );

        return LadderFitView::of($id->toRfc4122(), LadderFit::of($wish, $pace), $source);
    }

    /**
     * @return array{Athlete, Judged}
     */
    private function judged(Uuid $id): array
    {
        $athlete = $this->athletes->get($id);

        return [$athlete, $this->mayJump->orRefuse($athlete)];
    }

    private static function climbed(string $written, Method $method): LadderFamily
    {
        $family = LadderFamily::from($written);

        return $family->isJumpedBy($method)
            ? $family
            : throw BadField::of('family', $family->value, implode(', ', array_column(LadderFamily::jumpedBy($method), 'value')));
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
}
