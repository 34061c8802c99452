<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Api\Takes;
use Zumbo\App\Platform\File\GymFiles;
use Zumbo\App\Platform\File\IncomingFile;
use Zumbo\App\Platform\File\PartOfFile;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * Recordings of rope and feet: sent, heard, listened to, thrown away.
 */
#[Route('/api/recordings/{id}')]
final readonly class RecordingsController
{
    public function __construct(private SendRecording $taking, private GymFiles $recordings, private PartOfFile $parts)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RecordingView::class, says: 'How far a recording is, and what was heard in it.')]
    public function one(UuidV7 $id): RecordingView
    {
        return RecordingView::of($this->taking->get($id));
    }

    /** The body is the WAV file itself. */
    #[Route('', methods: ['PUT'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RecordingView::class, creates: true, says: 'Sends a recording to be listened to.')]
    #[Takes('audio/wav')]
    public function send(
        UuidV7 $id,
        Request $request,
        #[FromQuery] RecordingInput $input = new RecordingInput(),
    ): Created {
        $new = $this->taking->send($id, IncomingFile::of($request), $input);

        return Created::of($this->one($id), $new);
    }

    #[Route('', methods: ['DELETE'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RecordingView::class, says: 'Throws a recording away.')]
    public function throwAway(UuidV7 $id, WriteCondition $condition): RecordingView
    {
        $this->taking->throwAway($id, $condition);

        return $this->one($id);
    }

    /** @throws UnknownRow when it was not kept */
    #[Route('/sound.wav', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(null, file: 'audio/wav', says: 'The sound of a recording, or a part of it.')]
    public function listen(UuidV7 $id, Request $request): Response
    {
        $job = $this->taking->get($id);

        return $this->parts->of($this->recordings, $job->id, 'audio/wav', $request) ?? throw UnknownRow::of('recording', $id);
    }
}
