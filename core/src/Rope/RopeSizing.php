<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Quantity;

/**
 * Computes what each school gives a body.
 *
 * Both sides pulled straight up from the stance: overall = 2·y + w, y the height the handle ends reach, w the rope
 * under the feet; cable = overall − 2·handle. Read at the cable ends, cable = 2·y + w. Rule of height:
 * overall = stature + 0.9144 m. Geometry; the schools are common practice (docs/models/rope.md).
 */
final readonly class RopeSizing
{
    /** Three feet. */
    public const RULE_OF_HEIGHT_M = 0.9144;
    public const USUAL_SPARE_M = 0.05;

    /** Tips of the handles apart while turning, elbows by the ribs (our assumption). */
    public const USUAL_HAND_SPAN_M = 0.9;

    /** Sizing is never finer than a centimetre: half of it is the same length, and a little for rounding. */
    public const SAME_LENGTH_M = 0.0051;

    /** Stature is measured to a centimetre at best (common practice, no published source). */
    private const STATURE_UNCERTAINTY_M = 0.01;

    /** @param Handle|null $handle null: handles of no length, to tell what stands whatever they are */
    private function __construct(private Body $body, private ?Handle $handle, private Length $sparePerSide)
    {
    }

    /** As if the handles had no length: cable and overall length are one. */
    public static function bare(Body $body): self
    {
        return new self($body, null, Length::zero());
    }

    /** @throws OutOfRange when the spare is negative or above 20 cm */
    public static function of(Body $body, Handle $handle, Length $sparePerSide): self
    {
        return new self($body, $handle, Quantity::SparePerSide->check($sparePerSide));
    }

    /**
     * @return list<SchoolRope> one per school, the shortest cable first: names say nothing about length
     */
    public function allSchools(?Stance $stance = null): array
    {
        $ropes = array_map(fn (School $school): SchoolRope => $this->bySchool($school, $stance), School::cases());
        usort($ropes, static fn (SchoolRope $a, SchoolRope $b): int => $a->cable->compareTo($b->cable));

        return $ropes;
    }

    /**
     * @param Stance|null  $stance  null: the one the school usually names
     * @param Reading|null $reading null: the one the school usually means
     */
    public function bySchool(School $school, ?Stance $stance = null, ?Reading $reading = null): SchoolRope
    {
        $stance ??= $school->usualStance();
        $landmark = $school->landmark();
        if (null === $landmark) {
            $overall = $this->body->stature->plus(Length::ofMetres(self::RULE_OF_HEIGHT_M));

            return $this->rope(
                $school,
                Reading::Overall,
                $stance,
                $overall->minus($this->bothHandles()),
                Length::ofMetres(self::STATURE_UNCERTAINTY_M),
            );
        }
        $reading = null === $reading || Reading::Overall === $reading ? $school->usualReading() : $reading;
        $reach = $this->body->heightOf($landmark);
        $pulledUp = $reach->height->times(2)->plus($stance->ropeUnderFeet());
        $cable = Reading::CableEnd === $reading ? $pulledUp : $pulledUp->minus($this->bothHandles());

        return $this->rope($school, $reading, $stance, $cable, $reach->uncertainty->times(2));
    }

    private function rope(
        School $school,
        Reading $reading,
        Stance $stance,
        Length $cable,
        Length $uncertainty,
    ): SchoolRope {
        $landmark = $school->landmark();

        return new SchoolRope(
            $school,
            $reading,
            $stance,
            $cable,
            $cable->plus($this->bothHandles()),
            $cable->plus($this->sparePerSide->plus($this->handle?->pieceInside() ?? Length::zero())->times(2)),
            $uncertainty,
            null === $landmark ? null : $this->body->heightOf($landmark),
            $this->body,
        );
    }

    /** What the arc has left under the floor with the hands in the usual place; negative when it hangs above. */
    public static function spareArc(Body $body, Length $cable): Length
    {
        $span = Length::ofMetres(self::USUAL_HAND_SPAN_M);
        if ($cable->compareTo($span) < 0) {
            return $body->handHeight()->times(-1);
        }

        return TurningRope::ofCable($cable, $span)->depth->minus($body->handHeight());
    }

    private function bothHandles(): Length
    {
        return $this->handle?->length->times(2) ?? Length::zero();
    }
}
