<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Import;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Exchange\Format\UploadedFile;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Api\Takes;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * Files that come in: sent, looked at, agreed to or called off. Only an owner may change a whole gym at once.
 */
#[Route('/api/imports/{id}')]
final readonly class ImportsController
{
    public function __construct(private AskForImport $imports)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_OWNER')]
    #[Answers(ImportView::class, says: 'How far an import is, and what it would do or did.')]
    public function one(UuidV7 $id): ImportView
    {
        return ImportView::of($this->imports->get($id));
    }

    /** The body is the file itself. */
    #[Route('', methods: ['PUT'])]
    #[IsGranted('ROLE_OWNER')]
    #[Answers(
        ImportView::class, creates: true,
        says: 'Sends a file to be looked at; nothing is written before it is agreed to.',
    )]
    #[Takes('application/json', 'text/csv', 'application/zip')]
    public function send(UuidV7 $id, Request $request): Created
    {
        $new = $this->imports->send($id, UploadedFile::of($request));

        return Created::of($this->one($id), $new);
    }

    #[Route('/agree', methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    #[Answers(ImportView::class, says: 'Agrees to an import: all of it is written, or nothing.')]
    public function agree(UuidV7 $id, WriteCondition $condition): ImportView
    {
        $this->imports->agree($id, $condition);

        return $this->one($id);
    }

    #[Route('', methods: ['DELETE'])]
    #[IsGranted('ROLE_OWNER')]
    #[Answers(ImportView::class, says: 'Calls an import off.')]
    public function callOff(UuidV7 $id, WriteCondition $condition): ImportView
    {
        $this->imports->callOff($id, $condition);

        return $this->one($id);
    }
}
