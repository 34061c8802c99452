<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Asked;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\Ropes\Ropes;
use Zumbo\App\Shared\Today\ReadLengths;
use Zumbo\App\Story\Gym\GymRow;
use Zumbo\Core\Gear\TrimAdvice;

/**
 * Whose misses rose since their rope was made shorter, within the last half year: what was before that says nothing of today.
 */
final readonly class TrimAnswer
{
    public function __construct(private Ropes $ropes, private ReadLengths $lengths, private ClockInterface $clock)
    {
    }

    /**
     * @param list<GymRow> $all
     *
     * @return list<BoxRow|null>
     */
    public function among(array $all): array
    {
        $from = $this->clock->now()->modify(Attempts::LOOK_BACK);
        $trimmed = array_filter($this->ropes->trimmedAt(), static fn (\DateTimeImmutable $at): bool => $at > $from);

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
