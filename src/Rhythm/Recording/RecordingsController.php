<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Recording;

use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Created;
use Zumbo\App\Platform\Api\Takes;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * Recordings of rope and feet: sent, heard, listened to, thrown away.
 */
#[Route('/api/recordings/{id}')]
final readonly class RecordingsController
{
    public function __construct(private SendRecording $recordings, private RecordingFiles $files)
    {
    }

    #[Route('', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RecordingView::class)]
    public function one(UuidV7 $id): RecordingView
    {
        return RecordingView::of($this->recordings->get($id));
    }

    /** The body is the WAV file itself. */
    #[Route('', methods: ['PUT'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RecordingView::class, creates: true)]
    #[Takes('audio/wav')]
    public function send(
        UuidV7 $id,
        Request $request,
        #[FromQuery] RecordingInput $input = new RecordingInput(),
    ): Created {
        $length = $request->headers->get('Content-Length');
        $new = $this->recordings->send(
            $id,
            $request->getContent(true),
            $input,
            is_numeric($length) ? (int) $length : null,
        );

        return Created::of($this->one($id), $new);
    }

    #[Route('', methods: ['DELETE'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(RecordingView::class)]
    public function throwAway(UuidV7 $id, WriteCondition $condition): RecordingView
    {
        $this->recordings->throwAway($id, $condition);

        return $this->one($id);
    }

    /** @throws UnknownRow when it was not kept */
    #[Route('/sound.wav', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(null, file: 'audio/wav')]
    public function listen(UuidV7 $id): BinaryFileResponse
    {
        $job = $this->recordings->get($id);

        return $this->files->has($job->id)
            ? new BinaryFileResponse(
                $this->files->path($job->id),
                headers: ['Content-Type' => 'audio/wav'],
                public: false,
            )
            : throw UnknownRow::of('recording', $id);
    }
}
