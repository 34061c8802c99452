<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Take;

use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Rhythm\WavDownload;
use Zumbo\App\Shared\WrittenPattern;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\JumperFault;
use Zumbo\Core\Rhythm\RhythmReport;
use Zumbo\Core\Rhythm\SimulatedJumper;
use Zumbo\Core\Sound\SyntheticTake;

/**
 * Takes: what was tapped or marked is read, and somebody invented jumps one to try the ear on. Nothing here is kept.
 */
final readonly class TakesController
{
    private const EXAMPLE_RATE = 22_050;
    private const JITTER = 0.025;
    private const ECHO = 0.25;

    /** Reads a take; writes nothing, so it needs no id. */
    #[Route('/api/takes/read', methods: ['POST'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(TakeView::class, says: 'What a take holds: turns, contacts, rhythm.')]
    public function read(#[FromBody] TakeInput $input): TakeView
    {
        return TakeView::of(RhythmReport::of($input->take(), $input->target()));
    }

    #[Route('/api/takes/example.wav', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(null, file: WavDownload::TYPE, says: 'A recording to try things with.')]
    public function example(#[FromQuery] ExampleInput $input = new ExampleInput()): StreamedResponse
    {
        $take = SimulatedJumper::jump(
            WrittenPattern::read('notation', $input->notation),
            Rate::perMinute($input->cadence),
            $input->seconds,
            self::JITTER,
            JumperFault::from($input->fault),
            $input->seed,
        );
        $sound = SyntheticTake::of($take, $input->noiseDb, self::ECHO, $input->seed, self::EXAMPLE_RATE);

        return WavDownload::of('zumbo-example.wav', $sound->wav());
    }
}
