<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

use Zumbo\Core\Measure\Verdict;

/**
 * Whether somebody is in the hall tonight: what was said and done tonight goes before what is usual.
 */
final readonly class Attendance
{
    /** Whoever was seen within so many days is expected (our assumption: three classes missed are a habit). */
    public const EXPECTED_DAYS = 21;

    /** Whoever was not seen for so many days is worth a word (our assumption). */
    public const ASK_AFTER_DAYS = 14;

    /** @param Verdict|null $away why they are not; null: they are, or are expected */
    private function __construct(public ?Verdict $away)
    {
    }

    /** @param int|null $daysAgo they were seen last; null: never */
    public static function isMissed(?int $daysAgo): bool
    {
        return null !== $daysAgo && $daysAgo >= self::ASK_AFTER_DAYS;
    }

    /**
     * @param AttendanceMark|null $mark    of tonight; null: nobody said anything
     * @param bool                $logged  something was logged for them tonight
     * @param int|null            $daysAgo they were seen last; null: never
     * @param bool                $onOther whether lately they came on other days of the week only
     */
    public static function tonight(?AttendanceMark $mark, bool $logged, ?int $daysAgo, bool $onOther = false): self
    {
        return new self(match (true) {
            AttendanceMark::Left === $mark => Verdict::of('class.left'),
            $logged, AttendanceMark::Here === $mark => null,
            AttendanceMark::Away === $mark => Verdict::of('class.away'),
            null !== $daysAgo && $daysAgo > self::EXPECTED_DAYS => Verdict::of('class.long_unseen', [
                'weeks' => intdiv($daysAgo, 7),
            ]),
            $onOther && null !== $daysAgo => Verdict::of('class.other_days'),
            default => null,
        });
    }
}
