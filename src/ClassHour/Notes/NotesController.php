<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Notes;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Evening\EveningNotes;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * Notes of evenings, for coaches: they may be about somebody's health.
 */
#[Route('/api/notes')]
final readonly class NotesController
{
    public function __construct(private KeepNotes $keep, private EveningNotes $notes)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(NotesView::class, says: 'Notes of evenings, the newest first.')]
    public function page(#[FromQuery] NotesInput $input = new NotesInput()): NotesView
    {
        return $this->keep->page($input);
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(NoteView::class, creates: true, says: 'Notes something of this evening.')]
    public function write(UuidV7 $id, #[FromBody] NoteInput $input): Created
    {
        $new = $this->keep->write($id, $input);

        return Created::of($this->one($id), $new);
    }

    #[Route('/{id}', methods: ['PATCH'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(NoteView::class, says: 'Words a note anew.')]
    public function rewrite(UuidV7 $id, WriteCondition $condition, #[FromBody] NoteInput $input): NoteView
    {
        $this->keep->rewrite($id, $input, $condition);

        return $this->one($id);
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(NoteView::class, says: 'Takes a note away.')]
    public function remove(UuidV7 $id, WriteCondition $condition): NoteView
    {
        $this->keep->remove($id, $condition);

        return $this->one($id);
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[IsGranted('ROLE_COACH')]
    #[Answers(NoteView::class, says: 'Brings a note back.')]
    public function restore(UuidV7 $id, WriteCondition $condition): NoteView
    {
        $this->keep->restore($id, $condition);

        return $this->one($id);
    }

    private function one(UuidV7 $id): NoteView
    {
        return NoteView::of($this->notes->get($id));
    }
}
