<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

use Zumbo\Core\Body\Growing;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\Reach;
use Zumbo\Core\Rope\Reading;
use Zumbo\Core\Rope\Stance;

/**
 * A rope somebody brings along, known by its cable or by where its handle ends reach, judged as any other.
 */
final readonly class BroughtRope
{
    private function __construct(
        public RopeNeeds $needs,
        /** Between the handles; null: the handles or the stance are not known. */
        public ?Length $cable,
        /** Where its handle ends reach; null for the same reasons. */
        public ?Reach $reach,
    ) {
    }

    /** @param Stance|null $stance null: nobody said how it was measured, and there is no verdict without */
    public static function ofCable(RopeWanted $wanted, Length $cable, ?Stance $stance): self
    {
        return new self(
            RopeNeeds::of($wanted, OwnRope::of($cable, $stance, Length::zero()), Growing::no()),
            $cable,
            null === $wanted->handle || null === $stance
                ? null
                : Reach::ofCable($wanted->body, $wanted->handle, $stance, $cable),
        );
    }

    /**
     * Read at the handle ends, what is too long or too short does not hang on the handles: any will do to tell the
     * difference, though not to tell the cable; which is not read finer than to the centimetre.
     */
    public static function ofReach(RopeWanted $wanted, Length $height, ?Stance $stance): self
    {
        $reach = Reach::of($wanted->body, $height);
        $compared = null === $wanted->handle && Reading::CableEnd !== $wanted->unhandled()->reading
            ? $wanted->withHandle(Handle::usual())
            : $wanted;
        $cable = null === $compared->handle
            ? Length::zero()
            : Reach::cableOf($height, $compared->handle, $stance ?? Stance::TwoFeet)->toTheCentimetre();

        $needs = RopeNeeds::of($compared, OwnRope::of($cable, $stance, Length::zero()), Growing::no());

        return new self(
            $compared === $wanted ? $needs : $needs->inOverall(),
            null === $wanted->handle || null === $stance ? null : $cable,
            $reach,
        );
    }
}
