<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Asked;

use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\App\Shared\Today\ReadLengths;
use Zumbo\App\Story\Gym\GymRow;
use Zumbo\Core\Gear\TrimAdvice;

/**
 * Whose misses rose since their rope was made shorter.
 */
final readonly class TrimAnswer
{
    public function __construct(private Ropes $ropes, private ReadLengths $lengths)
    {
    }

    /**
     * @param list<GymRow> $all
     *
     * @return list<BoxRow|null>
     */
    public function among(array $all): array
    {
        $trimmed = $this->ropes->trimmedAt();

        return array_map(fn (GymRow $row): ?BoxRow => isset($trimmed[$row->id()]) ? $this->about($row) : null, $all);
    }

    private function about(GymRow $row): ?BoxRow
    {
        $athlete = $row->judged->athlete;
        $outcome = $this->lengths->of($athlete, $row->judged->gates->at($athlete->stage()))?->outcome;

        return null === $outcome || TrimAdvice::LetOut !== $outcome->advice
            ? null
            : BoxRow::of($row, $outcome->reason, $outcome->interval[1] ?? 0.0);
    }
}
