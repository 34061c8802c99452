<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\LandmarkHeight;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;

/**
 * The rope one school gives one body.
 */
final readonly class SchoolRope
{
    public function __construct(
        public School $school,
        public Reading $reading,
        public Stance $stance,
        /** Between the handles. */
        public Length $cable,
        /** Handles included. */
        public Length $overall,
        /** What is cut: the cable, the spare on both sides, and the pieces inside the handles. */
        public Length $cut,
        /** Of the cable, from how sure the landmark is. */
        public Length $uncertainty,
        /** Where the ends should reach when the rope is held up in this stance; null for the rule of height. */
        public ?LandmarkHeight $reach,
        private Body $body,
    ) {
    }

    /** How much deeper the turning arc hangs than the floor, for hands in the usual place. Negative: it can't pass. */
    public function spareArc(): Length
    {
        return RopeSizing::spareArc($this->body, $this->cable);
    }

    /** Where the ends must be when the athlete stands on the rope. */
    public function reachVerdict(): Verdict
    {
        $landmark = $this->school->landmark();
        if (null === $landmark || null === $this->reach) {
            return Verdict::of('rope.no_reach', ['overall_m' => $this->overall->metres()]);
        }

        return Verdict::of('rope.reach', [
            'stance' => Term::of($this->stance),
            'reading' => Term::of($this->reading),
            'landmark' => Term::of($landmark),
            'reach_m' => $this->reach->height->metres(),
        ]);
    }
}
