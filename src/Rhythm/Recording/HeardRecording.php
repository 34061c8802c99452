<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Rhythm\Take;
use Zumbo\Core\Sound\HeardTake;

/**
 * What was heard of a recording, as its job keeps it.
 */
final readonly class HeardRecording
{
    private const LOUDEST = 1000;

    /**
     * @param list<float>              $turnsS
     * @param list<float>              $landingsS
     * @param array<string, float|int> $values    of the verdict
     * @param list<int>                $ticks     loudness of the upper band, 0 to 1000 of the loudest column
     * @param list<int>                $thuds     of the lower band
     */
    public function __construct(
        public float $seconds,
        public array $turnsS,
        public array $landingsS,
        public float $confidence,
        public bool $counts,
        public string $code,
        public array $values,
        public float $columnS,
        public array $ticks,
        public array $thuds,
    ) {
    }

    public static function of(HeardTake $heard): self
    {
        $columns = $heard->wave->columns();
        $rounded = static fn (float $at): float => round($at, 4);

        return new self(
            $heard->seconds,
            array_map($rounded, $heard->take->turnsS),
            array_map($rounded, $heard->take->landingsS),
            $heard->confidence,
            $heard->counts,
            $heard->verdict->code,
            array_filter($heard->verdict->values, static fn (mixed $value): bool => \is_int($value) || \is_float($value)),
            $heard->wave->stepS(),
            // Of the loudest: a thousandth is finer than anybody sees.
            self::levels(array_column($columns, 0)),
            self::levels(array_column($columns, 1)),
        );
    }

    public function verdict(): Verdict
    {
        return Verdict::of($this->code, $this->values);
    }

    public function take(): Take
    {
        return Take::of($this->turnsS, $this->landingsS);
    }

    /**
     * @param list<float> $loud
     *
     * @return list<int>
     */
    private static function levels(array $loud): array
    {
        $most = max([1e-9, ...$loud]);

        return array_map(static fn (float $one): int => (int) round(self::LOUDEST * $one / $most), $loud);
    }
}
