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
    /**
     * @param non-empty-list<Evidence> $evidence
     */
    public function __construct(
        public string $code,
        public string $why,
        /** The first cue; empty when the rope or the load is to be mended, not the athlete. */
        public string $cue,
        /** @var non-empty-list<string> codes; the first counts that is taught by the ways in force */
        public array $drills,
        /** Null: the rope, or the pacing, comes first. */
        public ?Stage $stepBack,
        /** The stages at which it is usual. */
        public Stage $from,
        public Stage $to,
        public array $evidence,
    ) {
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
}
