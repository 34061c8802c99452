<?php

declare(strict_types=1);

namespace Zumbo\Core\Today;

use Zumbo\Core\Allowance\Allowance;
use Zumbo\Core\Allowance\Jumping;
use Zumbo\Core\Body\Growing;
use Zumbo\Core\Body\Health;
use Zumbo\Core\Cable\CableNeeds;
use Zumbo\Core\Drill\Drill;
use Zumbo\Core\Drill\DrillTable;
use Zumbo\Core\Load\ContactsLeft;
use Zumbo\Core\Load\RestDay;
use Zumbo\Core\Load\SessionLoad;
use Zumbo\Core\Load\WeekBase;
use Zumbo\Core\Measure\Verdict;
use Zumbo\Core\Method\Ways;

/**
 * The one judgement about one athlete today: what they may do, what their rope and cable need. Every screen, the
 * command line and whatever is built later read it here, so that the same facts give the same answer everywhere.
 */
final readonly class Today
{
    private function __construct(
        public Allowance $allowance,
        public RopeNeeds $rope,
        public CableNeeds $cable,
        public ContactsLeft $contacts,
        private Ways $ways,
    ) {
    }

    /** @param int|null $age null: not known, taken as grown up */
    public static function of(
        RopeWanted $wanted,
        ?OwnRope $rope,
        Growing $growing,
        Health $health,
        ?int $age,
        DayFacts $day,
        Ways $ways,
    ): self {
        $since = $health->returningSinceDays;
        $returning = null !== $since && WeekBase::isReturning($since);
        $base = WeekBase::of(
            $day->weeksContacts,
            $since,
            $health->easy,
            SessionLoad::weekCap($wanted->stage, $age),
        );
        $contacts = ContactsLeft::of(
            $wanted->stage,
            $age,
            $day->contactsToday,
            $day->contactsThisWeek,
            $base,
            $health->easy || $returning,
        );

        return new self(
            self::allowance($wanted, $health, $day, $contacts),
            RopeNeeds::of($wanted, $rope, $growing),
            CableNeeds::of($wanted->stage, $rope?->family),
            $contacts,
            $ways,
        );
    }

    /**
     * What may be practised although jumping is off: nothing that loads what is sore.
     *
     * @return list<Drill> empty when jumping is on, or nothing is allowed at all
     */
    public function insteadOfJumping(): array
    {
        return Jumping::NoJump === $this->allowance->jumping
            ? DrillTable::insteadOfJumping($this->ways, $this->allowance->sore)
            : [];
    }

    private static function allowance(
        RopeWanted $wanted,
        Health $health,
        DayFacts $day,
        ContactsLeft $contacts,
    ): Allowance {
        $stop = $day->stop();
        $rest = RestDay::of($wanted->stage, $day->jumpDays);
        $reasons = [
            ...$health->reasons,
            ...array_filter([$stop, $rest, 0 === $contacts->today ? Verdict::of('load.enough') : null]),
        ];
        $rests = array_filter([[] === $reasons ? $contacts->reason : $contacts->ofTheWeek(), $contacts->weekReason]);

        return match (true) {
            [] === $reasons => Allowance::all($contacts->today, $contacts->week, $rests),
            $health->nothing => Allowance::nothing($health->sore, $reasons),
            default => Allowance::noJump(
                $health->sore,
                $health->noJumping ? 0 : $contacts->week,
                null !== $stop,
                [...$reasons, ...($health->noJumping ? [] : $rests)],
            ),
        };
    }
}
