<?php

declare(strict_types=1);

namespace Zumbo\Core\Gear;

use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Measure\Verdict;

/**
 * Tonight's ropes: who gets which, and why; and for whom there is none, with what would help.
 *
 * A pin is the coach's word: the rope goes to whom it is pinned, however long it is, unless it failed its inspection;
 * and to nobody else.
 *
 * @phpstan-type Given array{wish: RopeWish, rope: ?SharedRope, reasons: non-empty-list<Verdict>}
 */
final readonly class GivingPlan
{
    /** A difference so small is none: sizing is not finer than a centimetre, and both lengths are sized. */
    private const SAME_M = 0.015;

    /** A pinned rope costs less than any other: it is not up for trade. */
    private const PINNED_COST = -100.0;

    /**
     * @param list<Given>  $given in the order of the wishes
     * @param list<Length> $toBuy cables that would serve whoever has none, the shortest first
     */
    private function __construct(public array $given, public int $served, public array $toBuy)
    {
    }

    /**
     * @param list<RopeWish>   $wishes
     * @param list<SharedRope> $ropes
     */
    public static function of(array $wishes, array $ropes): self
    {
        $cost = self::costs($wishes, $ropes);
        $found = Assignment::of($cost);
        $holders = [];
        foreach ($found->columnOf as $row => $column) {
            if (null !== $column) {
                $holders[$column] = $wishes[$row]->name;
            }
        }
        $given = $toBuy = [];
        foreach ($wishes as $i => $wish) {
            $column = $found->columnOf[$i];
            $given[] = [
                'wish' => $wish,
                'rope' => null === $column ? null : $ropes[$column],
                'reasons' => null === $column
                    ? self::whyNone($wish, $ropes, $cost[$i], $holders)
                    : self::why($wish, $ropes, $column, $cost[$i], $holders),
            ];
            if (null === $column) {
                $toBuy[] = $wish->cable;
            }
        }
        usort($toBuy, static fn (Length $a, Length $b): int => $a->compareTo($b));

        return new self($given, $found->served, $toBuy);
    }

    /**
     * @param list<RopeWish>   $wishes
     * @param list<SharedRope> $ropes
     *
     * @return list<list<float|null>> by wish and rope
     */
    private static function costs(array $wishes, array $ropes): array
    {
        $pinned = array_filter(
            array_map(static fn (RopeWish $wish): ?string => $wish->pinnedTag, $wishes),
            is_string(...),
        );

        return array_map(
            static fn (RopeWish $wish): array => array_map(
                static fn (SharedRope $rope): ?float => self::cost($wish, $rope, $pinned),
                $ropes,
            ),
            $wishes,
        );
    }

    /**
     * @param array<string> $pinned tags
     */
    private static function cost(RopeWish $wish, SharedRope $rope, array $pinned): ?float
    {
        return match (true) {
            !$rope->isSafe() => null,
            null !== $wish->pinnedTag => $wish->pinnedTag === $rope->tag ? self::PINNED_COST : null,
            $rope->keptBack || \in_array($rope->tag, $pinned, true) => null,
            default => RopeMatch::cost(
                $wish->cable->metres(),
                $wish->stage,
                $rope->cable->metres(),
                $rope->family,
                $wish->lastTag === $rope->tag,
            ),
        };
    }

    /**
     * @param list<SharedRope>   $ropes
     * @param list<float|null>   $cost
     * @param array<int, string> $holders
     *
     * @return non-empty-list<Verdict>
     */
    private static function why(RopeWish $wish, array $ropes, int $column, array $cost, array $holders): array
    {
        $rope = $ropes[$column];
        $reasons = [self::fit($wish, $rope)];
        if (null !== $wish->pinnedTag) {
            return [...$reasons, Verdict::of(self::suits($wish, $rope) ? 'gear.pinned' : 'gear.pinned_misfit')];
        }
        if ($wish->lastTag === $rope->tag) {
            $reasons[] = Verdict::of('gear.same_as_last');
        }
        foreach ($cost as $j => $price) {
            if (
                null !== $price
                && null !== $cost[$column]
                && $price < $cost[$column] - self::SAME_M
                && isset($holders[$j])
            ) {
                return [
                    ...$reasons,
                    Verdict::of('gear.nearer_serves', [
                        'tag' => $ropes[$j]->tag,
                        'rope_m' => $ropes[$j]->cable->metres(),
                        'holder' => $holders[$j],
                    ]),
                ];
            }
        }

        return $reasons;
    }

    private static function fit(RopeWish $wish, SharedRope $rope): Verdict
    {
        $over = $rope->cable->minus($wish->cable)->metres();
        $code = match (true) {
            abs($over) < self::SAME_M => 'gear.fits',
            $over > 0 => 'gear.long',
            default => 'gear.short',
        };

        return Verdict::of($code, [
            'tag' => $rope->tag,
            'rope_m' => $rope->cable->metres(),
            'ideal_m' => $wish->cable->metres(),
            'off_m' => abs($over),
        ]);
    }

    /** By length and cable alone, whoever else has it. */
    private static function suits(RopeWish $wish, SharedRope $rope): bool
    {
        $cost = RopeMatch::cost(
            $wish->cable->metres(),
            $wish->stage,
            $rope->cable->metres(),
            $rope->family,
            false,
        );

        return null !== $cost;
    }

    /**
     * @param list<SharedRope>   $ropes
     * @param list<float|null>   $cost
     * @param array<int, string> $holders
     *
     * @return non-empty-list<Verdict>
     */
    private static function whyNone(RopeWish $wish, array $ropes, array $cost, array $holders): array
    {
        if ([] === $ropes) {
            return [Verdict::of('gear.empty_rack')];
        }
        if (null !== $wish->pinnedTag) {
            return [Verdict::of('gear.pinned_unsafe', ['tag' => $wish->pinnedTag])];
        }
        foreach ($cost as $j => $price) {
            if (null !== $price && isset($holders[$j])) {
                return [
                    Verdict::of('gear.all_taken', [
                        'ideal_m' => $wish->cable->metres(),
                        'tag' => $ropes[$j]->tag,
                        'holder' => $holders[$j],
                    ]),
                ];
            }
        }
        foreach ($ropes as $rope) {
            if (self::suits($wish, $rope)) {
                return [
                    Verdict::of($rope->isSafe() ? 'gear.held_back' : 'gear.unsafe', [
                        'tag' => $rope->tag,
                        'rope_m' => $rope->cable->metres(),
                        'ideal_m' => $wish->cable->metres(),
                    ]),
                ];
            }
        }

        return [self::nothingNear($wish, $ropes)];
    }

    /**
     * @param non-empty-list<SharedRope> $ropes
     */
    private static function nothingNear(RopeWish $wish, array $ropes): Verdict
    {
        $nearest = $ropes[0];
        $off = static fn (SharedRope $rope): float => abs($rope->cable->minus($wish->cable)->metres());
        foreach ($ropes as $rope) {
            $nearest = $off($rope) < $off($nearest) ? $rope : $nearest;
        }
        $values = [
            'ideal_m' => $wish->cable->metres(),
            'tag' => $nearest->tag,
            'off_m' => $off($nearest),
            'family' => Term::of($nearest->family),
        ];

        return Verdict::of(
            null === RopeMatch::lengthCost($wish->cable->metres(), $nearest->cable->metres())
                ? 'gear.none_fits'
                : 'gear.wrong_cable',
            $values,
        );
    }
}
