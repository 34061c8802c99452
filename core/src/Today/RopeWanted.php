<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

use Zumbo\Core\Body\Body;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Rope\Handle;
use Zumbo\Core\Rope\Measuring;
use Zumbo\Core\Rope\RopeSizing;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\SchoolInForce;
use Zumbo\Core\Rope\SchoolRope;
use Zumbo\Core\Rope\Stance;
use Zumbo\Core\Rope\TrimSchool;
use Zumbo\Core\Rope\UnhandledRope;
use Zumbo\Core\Stage\Stage;

/**
 * What an athlete's rope is measured by: their body, stage and handles, and what gym and coach have chosen.
 */
final readonly class RopeWanted
{
    private function __construct(
        public Body $body,
        public Stage $stage,
        public ?Handle $handle,
        public TrimSchool $trim,
        public SchoolInForce $inForce,
        private School $forBeginners,
        public Measuring $measuring,
    ) {
    }

    /**
     * @param Handle|null    $handle       null: not known, and never taken for granted
     * @param School         $forBeginners the gym's
     * @param School|null    $chosen       for this athlete, by the coach
     * @param Measuring|null $measuring    the gym's; null: each school's own
     */
    public static function of(
        Body $body,
        Stage $stage,
        ?Handle $handle,
        TrimSchool $trim = TrimSchool::StartLong,
        School $forBeginners = SchoolInForce::FOR_BEGINNERS,
        ?School $chosen = null,
        ?Measuring $measuring = null,
    ): self {
        return new self(
            $body,
            $stage,
            $handle,
            $trim,
            SchoolInForce::of($body, $stage, $trim, $forBeginners, $chosen),
            $forBeginners,
            $measuring ?? Measuring::bySchool(),
        );
    }

    public function withHandle(Handle $handle): self
    {
        return new self($this->body, $this->stage, $handle, $this->trim, $this->inForce, $this->forBeginners, $this->measuring);
    }

    /**
     * The rope of the school in force.
     *
     * @param Stance|null $stance null: the gym's, else the one the school names
     *
     * @return SchoolRope|null null: the handles are not known
     */
    public function goal(?Stance $stance = null): ?SchoolRope
    {
        return $this->bySchool($this->inForce->school, $stance);
    }

    public function bySchool(School $school, ?Stance $stance = null): ?SchoolRope
    {
        $measuring = $this->measuring->in($stance);

        return null === $this->handle
            ? null
            : RopeSizing::of($this->body, $this->handle, Length::ofMetres(RopeSizing::USUAL_SPARE_M))
                ->bySchool($school, $measuring->stance, $measuring->reading);
    }

    /** What stands whatever the handles. */
    public function unhandled(?Stance $stance = null): UnhandledRope
    {
        return $this->unhandledBySchool($this->inForce->school, $stance);
    }

    public function unhandledBySchool(School $school, ?Stance $stance = null): UnhandledRope
    {
        $measuring = $this->measuring->in($stance);

        return UnhandledRope::of($this->body, $school, $measuring->stance, $measuring->reading);
    }

    /** What somebody who links doubles would have. */
    public function later(?Stance $stance = null): ?SchoolRope
    {
        return $this->bySchool(
            SchoolInForce::of($this->body, Stage::Link, $this->trim, $this->forBeginners, $this->chosen())->school,
            $stance,
        );
    }

    private function chosen(): ?School
    {
        return $this->inForce->byCoach ? $this->inForce->school : null;
    }
}
