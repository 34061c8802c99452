<?php

declare(strict_types=1);

namespace Zumbo\Core\Fault;

use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Stage\Stage;

/**
 * A fault with what to say and do about it, and how much each sign speaks for it.
 */
final readonly class Fault
{
    /** @var array<string, float> of the signs in its evidence, by sign */
    private array $chances;

    /**
     * @param non-empty-list<Evidence> $evidence
     */
    public function __construct(
        public string $code,
        public string $why,
        /** @var list<string> the first cue first; none when the rope is to be mended, not the athlete */
        public array $cues,
        /** @var non-empty-list<string> codes; the first counts that is taught by the ways in force */
        public array $drills,
        /** Null: the rope, or the pacing, comes first. */
        public ?Stage $stepBack,
        /** The stages at which it is usual. */
        public Stage $from,
        public Stage $to,
        public array $evidence,
    ) {
        $chances = [];
        foreach ($evidence as $one) {
            $chances[$one->sign->value] = 1 - (1 - $one->likelihood->chance()) * (1 - $one->sign->background());
        }
        $this->chances = $chances;
    }

    /** What is practised against it, as it is taught here. */
    public function drillBy(Ways $ways): Drill
    {
        foreach ($this->drills as $code) {
            $drill = DrillTable::named($code);
            if ($drill->fits($ways)) {
                return $drill;
            }
        }

        throw new \LogicException('every fault leads to a drill, by every method: '.$this->code);
    }

    /** Null: the rope, or the pacing, comes first. */
    public function stepBackBy(Ways $ways): ?Stage
    {
        return null !== $this->stepBack && $ways->method->skips($this->stepBack)
            ? $ways->method->before($this->stepBack)
            : $this->stepBack;
    }

    public function isOfTheRope(): bool
    {
        return str_starts_with($this->code, 'rope-');
    }

    public function isUsualAt(Stage $stage): bool
    {
        return $stage->number() >= $this->from->number() && $stage->number() <= $this->to->number();
    }

    /**
     * @param list<Sign> $signs
     *
     * @return list<Evidence> those that speak for it
     */
    public function explained(array $signs): array
    {
        return array_values(array_filter(
            $this->evidence,
            static fn (Evidence $evidence): bool => \in_array($evidence->sign, $signs, true),
        ));
    }

    /** A matter of pacing and load, not of technique. */
    public function isOfTheLoad(): bool
    {
        return FaultTable::OF_THE_LOAD === $this->code;
    }

    /** How often a coach notes this sign when this is the fault, whether it comes of it or not; above 0, below 1. */
    public function chanceOf(Sign $sign): float
    {
        return $this->chances[$sign->value] ?? $sign->background();
    }
}
