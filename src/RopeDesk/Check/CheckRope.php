<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Check;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;
use Zumbo\Core\Rope\FitCheck;
use Zumbo\Core\Rope\RopeSources;

/**
 * Judges a rope that somebody brings along.
 */
final readonly class CheckRope
{
    public function __construct(private Athletes $athletes, private Gyms $gyms)
    {
    }

    public function forAthlete(Uuid $id, FitInput $input): FitView
    {
        $athlete = $this->athletes->get($id);
        if (null !== $input->reaches && null !== $input->cable) {
            throw BadField::of('reaches', $input->reaches, 'where the handle ends reach, or the cable, not both');
        }
        $unit = $this->gyms->current()->unit();
        $source = SentenceView::of(RopeSources::offBy(), $unit)->sentence;
        $body = $athlete->toCore();
        $reach = null === $input->reaches ? null : self::reach($body, $input->reaches);
        $cable =
            $input->cable() ?? (null === $reach ? null : FitCheck::cableOf($reach, $input->handle(), $input->stance()));
        if (null === $cable) {
            return new FitView(null, null, null, null, null, null, [], $source);
        }
        $check =
            null === $reach
                ? FitCheck::ofCable($body, $input->handle(), $input->stance(), $cable, $athlete->stage())
                : FitCheck::ofReach($body, $reach, $athlete->stage());

        return new FitView(
            $check->fit,
            MessageCatalogue::name(Term::of($check->fit)),
            $check->offBy->metres(),
            $cable->metres(),
            SentenceView::of($check->reachVerdict(), $unit),
            SentenceView::of($check->remedy($cable), $unit),
            SentenceView::listOf($check->effects, $unit),
            $source,
        );
    }

    private static function reach(Body $body, string $place): Length
    {
        return FitInput::ABOVE === $place
            ? $body->stature->times(FitCheck::ABOVE_SHOULDER_SHARE)
            : $body->heightOf(Landmark::from($place))->height;
    }
}
