<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Run;

/**
 * What lies between two touches that were made: one leg, or several when touches were forgotten.
 */
final readonly class TouchedLegs
{
    /**
     * @param non-empty-list<DoneLeg> $legs
     */
    private function __construct(public array $legs, public float $takenS, public float $plannedS)
    {
    }

    /**
     * @param list<DoneLeg> $done in order
     *
     * @return list<self> what follows the last touch is told by none
     */
    public static function all(array $done): array
    {
        $all = [];
        $open = [];
        $last = 0.0;
        foreach ($done as $one) {
            $open[] = $one;
            if (null === $one->endS) {
                continue;
            }
            $planned = array_sum(array_map(static fn (DoneLeg $leg): float => $leg->leg->plannedS(), $open));
            $all[] = new self($open, $one->endS - $last, $planned);
            $last = $one->endS;
            $open = [];
        }

        return $all;
    }

    /** Later than planned; below 0: sooner. */
    public function lateS(): float
    {
        return $this->takenS - $this->plannedS;
    }

    /** The one leg; null: the touch holds several. */
    public function single(): ?DoneLeg
    {
        return 1 === \count($this->legs) ? $this->legs[0] : null;
    }
}
