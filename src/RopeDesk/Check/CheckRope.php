<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Check;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\People\Athletes;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\SentenceView;
use Zumbo\App\Shared\Today\JudgeToday;
use Zumbo\App\Shared\Today\RopeVerdictView;
use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\Landmark;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\Reach;
use Zumbo\Core\Rope\RopeSources;
use Zumbo\Core\Today\BroughtRope;
use Zumbo\Core\Today\RopeEffects;

/**
 * Judges a rope that somebody brings along.
 */
final readonly class CheckRope
{
    public function __construct(private Athletes $athletes, private JudgeToday $judge, private Gyms $gyms)
    {
    }

    public function forAthlete(Uuid $id, FitInput $input): FitView
    {
        if (null !== $input->reaches && null !== $input->cable) {
            throw BadField::of('reaches', $input->reaches, 'where the handle ends reach, or the cable, not both');
        }
        $unit = $this->gyms->current()->unit();
        $source = SentenceView::of(RopeSources::offBy(), $unit)->sentence;
        $wanted = $this->judge->athlete($this->athletes->get($id))->wanted;
        $handle = $input->handle();
        $wanted = null === $handle ? $wanted : $wanted->withHandle($handle);
        $stance = $input->stance();
        $cable = $input->cable();
        $rope = match (true) {
            null !== $input->reaches => BroughtRope::ofReach(
                $wanted,
                self::height($wanted->body, $input->reaches),
                $stance,
            ),
            null !== $cable => BroughtRope::ofCable($wanted, $cable, $stance),
            default => null,
        };

        return null === $rope
            ? new FitView(null, null, null, [], $wanted->handle?->length->metres(), $source)
            : new FitView(
                RopeVerdictView::of($rope->needs, $wanted, $stance, $unit),
                $rope->cable?->metres(),
                null === $rope->reach ? null : SentenceView::of($rope->reach->verdict(), $unit),
                SentenceView::listOf(RopeEffects::of($rope->needs->state), $unit),
                $wanted->handle?->length->metres(),
                $source,
            );
    }

    private static function height(Body $body, string $place): Length
    {
        return FitInput::ABOVE === $place
            ? Reach::aboveShoulder($body)
            : $body->heightOf(Landmark::from($place))->height;
    }
}
