<?php

declare(strict_types=1);

namespace Zumbo\Core\Pacing\Scale;

use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Stage\Stage;

/**
 * The way that fits what matters today, with its reason.
 *
 * Who is below Link gets tries, never a number of doubles in a row. Racing does all of it, unless the cap would come first more often
 * than not. Practising takes tries for a time. Keeping moving does all of it where that is no slower than the first ones and then
 * singles, and else these: some doubles stay, so that the skill is not scaled out. Contacts left today bind all of it (common
 * practice; the order is our assumption).
 */
final readonly class ScaleAdvice
{
    /** In the cap more often than not. */
    private const LIKELY = 0.5;

    private function __construct(public ?Scaling $scaling, public Verdict $why)
    {
    }

    /**
     * @param non-empty-list<ScaledWay> $ways
     * @param int|null                  $contactsLeft today; null: nothing bounds them
     */
    public static function of(array $ways, Aim $aim, Stage $stage, ?int $contactsLeft = null): self
    {
        $by = [];
        foreach ($ways as $way) {
            $by[$way->scaling->value] = $way;
        }
        [$wanted, $why] = self::wanted($by, $aim, $stage);
        $chosen = $by[$wanted->value] ?? null;
        if (null === $contactsLeft || (null !== $chosen && $chosen->timed->contacts() <= $contactsLeft)) {
            return new self($wanted, $why);
        }
        $fits = array_filter($ways, static fn (ScaledWay $way): bool => $way->timed->contacts() <= $contactsLeft
            && (Scaling::Full === $wanted || !$stage->isBefore(Stage::Link) || Scaling::Singles === $way->scaling));
        usort($fits, static fn (ScaledWay $a, ScaledWay $b): int => $b->timed->doubles <=> $a->timed->doubles);

        return [] === $fits
            ? new self(null, Verdict::of('scaling.nothing_fits', ['left' => $contactsLeft]))
            : new self($fits[0]->scaling, Verdict::of('scaling.why_contacts', ['left' => $contactsLeft]));
    }

    /**
     * @param array<string, ScaledWay> $by
     *
     * @return array{Scaling, Verdict}
     */
    private static function wanted(array $by, Aim $aim, Stage $stage): array
    {
        $full = $by[Scaling::Full->value];
        $tries = isset($by[Scaling::Tries->value]) ? Scaling::Tries : Scaling::Full;
        if ($stage->isBefore(Stage::Link)) {
            return [$tries, Verdict::of('scaling.why_not_linked')];
        }
        if (Aim::Practise === $aim) {
            return [$tries, Verdict::of('scaling.why_practise', ['doubles' => (int) round($by[$tries->value]->timed->doubles)])];
        }
        $first = $by[Scaling::FirstThenSingles->value] ?? null;
        if (Aim::Race === $aim) {
            $late = null !== $first && ($full->chanceInCap() ?? 1.0) < self::LIKELY;

            $percent = (int) round(100 * (float) $full->chanceInCap());

            return $late
                ? [Scaling::FirstThenSingles, Verdict::of('scaling.why_cap', ['percent' => $percent])]
                : [Scaling::Full, Verdict::of('scaling.why_race')];
        }
        $saves = null === $first ? 0.0 : $full->timed->expectedS - $first->timed->expectedS;

        return $saves <= 0.0
            ? [Scaling::Full, Verdict::of('scaling.why_all')]
            : [Scaling::FirstThenSingles, Verdict::of('scaling.why_first', ['saves_s' => $saves])];
    }
}
