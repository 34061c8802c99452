<?php

declare(strict_types=1);

namespace Zumbo\Core\Sound;

/**
 * Lays short sounds over each other in time, a second at a time, so that memory does not grow with the length.
 */
final class SoundMix
{
    /**
     * @param list<PlacedSound>                      $sounds
     * @param (callable(int, int): list<float>)|null $ground what lies under them: for a place and a count of samples
     *
     * @return iterable<list<float>>
     */
    public static function pieces(int $rate, int $count, array $sounds, ?callable $ground = null): iterable
    {
        usort($sounds, static fn (PlacedSound $a, PlacedSound $b): int => $a->atS <=> $b->atS);
        $next = 0;
        $sounding = [];
        for ($from = 0; $from < $count; $from += $rate) {
            $length = min($rate, $count - $from);
            $piece = null === $ground ? array_fill(0, $length, 0.0) : $ground($from, $length);
            while (isset($sounds[$next]) && $sounds[$next]->atS * $rate < $from + $length) {
                $sounding[] = $sounds[$next++];
            }
            $still = [];
            foreach ($sounding as $sound) {
                $start = (int) round($sound->atS * $rate) - $from;
                $end = $start + \count($sound->samples);
                for ($i = max(0, $start), $last = min($length, $end); $i < $last; ++$i) {
                    $piece[$i] += $sound->gain * $sound->samples[$i - $start];
                }
                if ($end > $length) {
                    $still[] = $sound;
                }
            }
            $sounding = $still;
            yield array_values($piece);
        }
    }
}
