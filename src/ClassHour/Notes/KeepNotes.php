<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Notes;

use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Evening\EveningNote;
use Zumbo\App\Entity\Evening\EveningNotes;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\WriteCondition;
use Zumbo\App\Platform\Write\IdempotentWrite;
use Zumbo\App\Platform\Write\Subject;
use Zumbo\App\Shared\CoachName;

/**
 * Notes something of this evening, words it anew, takes it away and brings it back; each write once.
 */
final readonly class KeepNotes
{
    private const PAGE = 60;

    public function __construct(
        private EveningNotes $notes,
        private Gyms $gyms,
        private CoachName $name,
        private IdempotentWrite $writes,
        private GymScope $scope,
        private ClockInterface $clock,
    ) {
    }

    /** Whole evenings. */
    public function page(NotesInput $input): NotesView
    {
        $notes = $this->notes->newest(self::PAGE + 1, $input->before());
        $next = null;
        if (\count($notes) > self::PAGE) {
            $cut = $notes[self::PAGE]->localDay();
            $whole = array_values(array_filter($notes, static fn (EveningNote $note): bool => $note->localDay() > $cut));
            // An evening with more notes than a page holds is told as far as it goes.
            $notes = [] === $whole ? \array_slice($notes, 0, self::PAGE) : $whole;
            $next = $notes[\count($notes) - 1]->localDay()->format('Y-m-d');
        }

        return new NotesView($this->today()->format('Y-m-d'), array_map(NoteView::of(...), $notes), $next);
    }

    /** @return bool true when it is new, false when the same request came before */
    public function write(UuidV7 $id, NoteInput $input): bool
    {
        return $this->writes->run($id, Subject::of('note', 'note', $id), $input, function () use ($id, $input): void {
            $this->notes->add(
                new EveningNote(
                    $this->scope->gymId(),
                    $id,
                    $this->today(),
                    trim($input->text),
                    $this->name->ofCurrent(),
                    $this->clock->now(),
                ),
            );
        });
    }

    public function rewrite(UuidV7 $id, NoteInput $input, WriteCondition $condition): void
    {
        $this->change('reword', $id, $condition, static fn (EveningNote $note) => $note->rewrite(trim($input->text)), $input);
    }

    public function remove(UuidV7 $id, WriteCondition $condition): void
    {
        $this->change('remove', $id, $condition, fn (EveningNote $note) => $note->remove($this->clock->now()));
    }

    public function restore(UuidV7 $id, WriteCondition $condition): void
    {
        $this->change('restore', $id, $condition, static fn (EveningNote $note) => $note->restore());
    }

    /** @param callable(EveningNote): void $change */
    private function change(string $verb, UuidV7 $id, WriteCondition $condition, callable $change, ?NoteInput $body = null): void
    {
        $find = fn (): EveningNote => $this->notes->get($id);
        $this->writes->change($condition, Subject::of($verb, 'note', $id), $body, $find, $change, NoteView::of(...));
    }

    private function today(): \DateTimeImmutable
    {
        return LocalDay::of($this->clock->now(), $this->gyms->current()->timeZone());
    }
}
