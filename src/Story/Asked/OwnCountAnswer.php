<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Asked;

use Psr\Clock\ClockInterface;
use Zumbo\App\Entity\Log\Found\SelfReported;
use Zumbo\App\Story\Gym\GymRow;
use Zumbo\Core\Measure\Verdict;

/**
 * Who counts on their own card.
 */
final readonly class OwnCountAnswer
{
    private const SINCE = '-28 days';

    public function __construct(private SelfReported $counted, private ClockInterface $clock)
    {
    }

    /**
     * @param list<GymRow> $all
     *
     * @return list<BoxRow|null>
     */
    public function among(array $all): array
    {
        $counts = $this->counted->since($this->clock->now()->modify(self::SINCE));

        return array_map(static fn (GymRow $row): ?BoxRow => !isset($counts[$row->id()]) ? null : BoxRow::of(
            $row,
            Verdict::of('box.counted', ['entries' => $counts[$row->id()]]),
            $counts[$row->id()],
        ), $all);
    }
}
