<?php

declare(strict_types=1);

namespace Zumbo\Core\Rope;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Body\LandmarkHeight;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;

/**
 * What one school asks of a rope whose handles nobody knows yet: read at the handle ends, or by the rule of height, the
 * overall length stands whatever the handles; read at the cable ends, the cable does. The other one stays open.
 */
final readonly class UnhandledRope
{
    private function __construct(
        public School $school,
        public Reading $reading,
        public Stance $stance,
        /** Handles included; null: open until they are known. */
        public ?Length $overall,
        /** Between the handles; null: open until they are known. */
        public ?Length $cable,
        /** Of whichever stands. */
        public Length $uncertainty,
        /** Where the ends should reach; null for the rule of height. */
        public ?LandmarkHeight $reach,
    ) {
    }

    /**
     * @param Stance|null  $stance  null: the one the school usually names
     * @param Reading|null $reading null: the one the school usually means
     */
    public static function of(Body $body, School $school, ?Stance $stance = null, ?Reading $reading = null): self
    {
        // Between handles of no length both readings give the same: what is pulled up from the floor.
        $bare = RopeSizing::bare($body)->bySchool($school, $stance, $reading);
        $atCable = Reading::CableEnd === $bare->reading;

        return new self(
            $school,
            $bare->reading,
            $bare->stance,
            $atCable ? null : $bare->cable,
            $atCable ? $bare->cable : null,
            $bare->uncertainty,
            $bare->reach,
        );
    }

    /**
     * @return list<self> one per school, from the shortest cable to the longest with usual handles: so each keeps its
     *                    place when the handles become known
     */
    public static function allSchools(Body $body, ?Stance $stance = null, ?Reading $reading = null): array
    {
        $ropes = array_map(static fn (School $school): self => self::of($body, $school, $stance, $reading), School::cases());
        $usual = Handle::usual();
        usort($ropes, static fn (self $a, self $b): int => $a->cableIn($usual)->compareTo($b->cableIn($usual)));

        return $ropes;
    }

    private function cableIn(Handle $handle): Length
    {
        return $this->cable ?? $this->standing()->minus($handle->length->times(2));
    }

    /** The length that stands whatever the handles. */
    public function standing(): Length
    {
        return $this->overall ?? $this->cable ?? throw new \LogicException('one of both stands');
    }

    public function verdict(): Verdict
    {
        $values = ['school' => Term::of($this->school), 'stance' => Term::of($this->stance)];

        return null === $this->overall
            ? Verdict::of('rope.cable_only', ['cable_m' => $this->standing()->metres()] + $values)
            : Verdict::of('rope.overall_only', ['overall_m' => $this->overall->metres()] + $values);
    }
}
