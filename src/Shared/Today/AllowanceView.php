<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Today;

use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Allowance\Jumping;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Today\OwnWords;
use Zumbo\Core\Today\Today;

/**
 * What an athlete may do today, and why; what to do instead where it is not jumping.
 */
final readonly class AllowanceView
{
    /**
     * @param list<SentenceView>    $reasons the one that decides first; helpers read no health
     * @param list<NoJumpDrillView> $instead
     */
    private function __construct(
        public Jumping $jumping,
        /** Why jumping is off, as everybody in the room may read it; null: it is on. */
        public ?SentenceView $public,
        public int $contactsLeftToday,
        public int $contactsLeftWeek,
        public bool $stopToday,
        public array $reasons,
        public array $instead,
    ) {
    }

    /** @param int|null $drills without a jump, at most; null: all of them */
    public static function of(Today $today, Role $reader, ?int $drills = null): self
    {
        $allowance = $today->allowance;
        $public = $allowance->publicly();
        $reasons = array_values(array_filter(
            $allowance->reasons,
            static fn (Verdict $reason): bool => $reader->mayReadHealthNotes() || !self::isOfHealth($reason),
        ));

        return new self(
            $allowance->jumping,
            null === $public ? null : SentenceView::of(self::said($today) ?? $public, LengthUnit::Centimetre),
            $allowance->contactsLeftToday,
            $allowance->contactsLeftWeek,
            $allowance->stopToday,
            SentenceView::listOf(
                [] === $reasons && null !== $public ? [$public] : $reasons,
                LengthUnit::Centimetre,
            ),
            self::instead($today, $drills),
        );
    }

    /** For the athlete: everything, as it is said to them. */
    public static function toThem(Today $today): self
    {
        $public = $today->allowance->publicly();

        return new self(
            $today->allowance->jumping,
            null === $public ? null : SentenceView::of($public, LengthUnit::Centimetre),
            $today->allowance->contactsLeftToday,
            $today->allowance->contactsLeftWeek,
            $today->allowance->stopToday,
            SentenceView::listOf(array_map(OwnWords::of(...), $today->allowance->reasons), LengthUnit::Centimetre),
            self::instead($today),
        );
    }

    /**
     * @return list<NoJumpDrillView>
     */
    private static function instead(Today $today, ?int $most = null): array
    {
        return array_map(NoJumpDrillView::of(...), \array_slice($today->insteadOfJumping(), 0, $most));
    }

    /** A rest day or a stop may be said aloud; health is nobody's business on the wall. */
    private static function said(Today $today): ?Verdict
    {
        $reasons = $today->allowance->reasons;
        $health = array_filter($reasons, self::isOfHealth(...));

        return [] === $health && !$today->allowance->offersJumps() ? $reasons[0] ?? null : null;
    }

    private static function isOfHealth(Verdict $reason): bool
    {
        return str_starts_with($reason->code, 'caution.')
            || \in_array($reason->code, ['load.return', 'load.return_unknown', 'load.easy', 'load.easy_unknown'], true);
    }
}
