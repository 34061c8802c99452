<?php

declare(strict_types=1);

namespace Zumbo\Core\Body;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Verdict;

/**
 * Whether an athlete has outgrown what their rope was sized for.
 */
final class Growth
{
    /**
     * The bare rope grows about as much as the athlete; from here on a centimetre or two of arc are gone (our
     * assumption).
     */
    private const MATTERS_M = 0.0195;

    /** Null: too little to matter. */
    public static function since(Length $whenSized, Length $now): ?Verdict
    {
        $grown = $now->metres() - $whenSized->metres();

        return $grown < self::MATTERS_M
            ? null
            : Verdict::of('growth.size_again', ['grown_m' => $grown, 'then_m' => $whenSized->metres()]);
    }
}
