<?php

declare(strict_types=1);

namespace Zumbo\App\Log;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Entity\Log\Attempt;
use Zumbo\App\Entity\Log\AttemptKind;
use Zumbo\App\Entity\Log\Attempts;
use Zumbo\App\Entity\Log\DaySums;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Clock\PastInstant;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\AttemptView;
use Zumbo\App\Shared\CoachName;
use Zumbo\App\Shared\CurrentCoach;
use Zumbo\App\Shared\Entries\AddEntry;
use Zumbo\App\Shared\Entries\LoggedEntry;
use Zumbo\App\Shared\People\NamedAthlete;
use Zumbo\Core\Streak\AttemptEnd;

/**
 * Logs an entry, puts it right, keeps it as it stands, moves it, takes it back; each write once.
 */
final readonly class LogAttempt
{
    public function __construct(
        private Attempts $attempts,
        private DaySums $sums,
        private NamedAthlete $athletes,
        private Gyms $gyms,
        private AddEntry $add,
        private IdempotentWrite $writes,
        private CoachName $coach,
        private CurrentCoach $role,
        private ClockInterface $clock,
    ) {
    }

    /** @return bool true when it is new, false when the same request came before */
    public function log(UuidV7 $id, AttemptInput $input): bool
    {
        $kind = AttemptKind::from($input->kind);
        $end = LoggedEntry::end($kind, $input->end);
        $at = $this->at($input);
        $beat = $input->beat();
        LoggedEntry::refuseUnknown($input->drill);

        return $this->writes->run($id, Subject::of('log', 'attempt', $id), $input, function () use (
            $id,
            $input,
            $kind,
            $end,
            $at,
            $beat,
        ): void {
            $this->add->to(
                $this->athletes->of($input->athleteId),
                $id,
                new LoggedEntry($input->drill, $kind, $input->reps, $input->misses, $end, $input->clean, $at, $beat),
                $this->coach->ofCurrent(),
            );
        });
    }

    /** Its quality, or what was written down wrongly. */
    public function change(UuidV7 $id, EntryChangeInput $input, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'change', $input, static function (Attempt $attempt) use ($input): void {
            if (null !== $input->clean) {
                $attempt->judge($input->clean);
            }
            if (null !== $input->reps || null !== $input->misses || null !== $input->end) {
                $attempt->correct(
                    $input->reps ?? $attempt->reps(),
                    $input->misses ?? $attempt->misses(),
                    null === $input->end ? null : AttemptEnd::from($input->end),
                );
            }
        });
    }

    /** It is right as it stands, though it was asked about. */
    public function keep(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'keep', null, static fn (Attempt $attempt) => $attempt->confirm());
    }

    /** It was another athlete's: to the same drill of their practice of that day. */
    public function move(UuidV7 $id, MoveInput $input, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'move', $input, function (Attempt $attempt) use ($input): void {
            $athlete = $this->athletes->of($input->athleteId);
            $attempt->moveTo(
                $athlete,
                $this->attempts->setFor(
                    $athlete,
                    $this->attempts->drillOf($attempt),
                    LocalDay::of($attempt->loggedAt(), $this->gyms->current()->timeZone()),
                    $attempt->loggedAt(),
                ),
            );
        });
    }

    public function remove(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'remove', null, fn (Attempt $attempt) => $attempt->remove($this->clock->now()));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->apply($id, $condition, 'restore', null, static fn (Attempt $attempt) => $attempt->restore());
    }

    /**
     * @param callable(Attempt): void $change
     */
    private function apply(
        UuidV7 $id,
        WriteCondition $condition,
        string $verb,
        EntryChangeInput|MoveInput|null $input,
        callable $change,
    ): void {
        $this->writes->change(
            $condition,
            Subject::of($verb, 'attempt', $id),
            $input,
            fn (): Attempt => $this->mine($this->attempts->get($id)),
            function (Attempt $attempt) use ($change): void {
                $before = $attempt->setId();
                $change($attempt);
                $this->sums->renew($before, $attempt->setId());
            },
            fn (Attempt $attempt): AttemptView => AttemptView::of($attempt, $this->attempts->drillOf($attempt)),
        );
    }

    /** Coaches change every entry, helpers their own. */
    private function mine(Attempt $attempt): Attempt
    {
        return Role::Helper === $this->role->role() && $attempt->loggedBy() !== $this->coach->ofCurrent()
            ? throw NotYourEntry::of($attempt->loggedBy())
            : $attempt;
    }

    private function at(AttemptInput $input): \DateTimeImmutable
    {
        $now = $this->clock->now();

        return null === $input->at ? $now->setTimezone(new \DateTimeZone('UTC')) : PastInstant::of('at', $input->at, $now);
    }
}
