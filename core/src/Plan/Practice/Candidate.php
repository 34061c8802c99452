<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Practice;

use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\Equipment;
use Zumbo\Core\Sets\Ladder\FittedLadder;

/**
 * Something that an athlete could do in one part of a practice, and what it costs in the plan's weights.
 */
final readonly class Candidate
{
    public const REST = 'rest';
    public const RESTING = 'Rest, watch, count for a partner';
    private const LAST = 100.0;

    /**
     * @param Drill|null $drill null: a ladder, or a rest
     */
    private function __construct(
        public string $code,
        public string $title,
        public ?Drill $drill,
        public ?FittedLadder $ladder,
        public float $cost,
        public PlanRule $rule,
    ) {
    }

    public static function drill(Drill $drill, float $cost, PlanRule $rule): self
    {
        return new self($drill->code, $drill->title, $drill, null, $cost, $rule);
    }

    public static function ladder(string $code, string $title, FittedLadder $ladder, float $cost): self
    {
        return new self($code, $title, null, $ladder, $cost, PlanRule::Ladder);
    }

    /** To watch and to count for others: the last thing that is chosen. */
    public static function rest(): self
    {
        return new self(self::REST, self::RESTING, null, null, self::LAST, PlanRule::Load);
    }

    /**
     * @return list<string> of which whoever does it holds one, by Equipment
     */
    public function things(): array
    {
        return array_map(static fn (Equipment $thing): string => $thing->value, $this->drill?->notes->needs ?? []);
    }

    public function because(PlanRule $rule): self
    {
        return new self($this->code, $this->title, $this->drill, $this->ladder, $this->cost, $rule);
    }

    public function costing(float $cost): self
    {
        return new self($this->code, $this->title, $this->drill, $this->ladder, $cost, $this->rule);
    }
}
