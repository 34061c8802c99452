<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Take;

use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Rhythm\Beat\ClickTrackInput;
use Zumbo\App\Shared\WrittenPattern;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\JumperFault;
use Zumbo\Core\Rhythm\SimulatedJumper;
use Zumbo\Core\Sound\ClickTrack;
use Zumbo\Core\Sound\SyntheticTake;

/**
 * Sound that the core makes: a beat to jump to, and a recording of somebody invented to try the ear on.
 */
final readonly class SoundsController
{
    private const EXAMPLE_RATE = 22_050;
    private const JITTER = 0.025;

    #[Route('/api/pattern/click.wav', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(null, file: 'audio/wav')]
    public function click(#[FromQuery] ClickTrackInput $input): StreamedResponse
    {
        try {
            return self::file('zumbo-beat.wav', ClickTrack::wav(WrittenPattern::read('notation', $input->notation), Rate::perMinute($input->cadence), $input->rounds));
        } catch (OutOfRange $e) {
            throw BadField::of('rounds', $input->rounds, $e->accepted, ucfirst($e->getMessage()).'.');
        }
    }

    #[Route('/api/takes/example.wav', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(null, file: 'audio/wav')]
    public function example(#[FromQuery] ExampleInput $input = new ExampleInput()): StreamedResponse
    {
        $take = SimulatedJumper::jump(WrittenPattern::read('notation', $input->notation), Rate::perMinute($input->cadence), $input->seconds, self::JITTER, JumperFault::from($input->fault), $input->seed);

        return self::file('zumbo-example.wav', SyntheticTake::of($take, $input->noiseDb, 0.25, $input->seed, self::EXAMPLE_RATE)->wav());
    }

    /**
     * @param iterable<string> $pieces
     */
    private static function file(string $name, iterable $pieces): StreamedResponse
    {
        return new StreamedResponse(static function () use ($pieces): void {
            foreach ($pieces as $piece) {
                echo $piece;
            }
        }, 200, ['Content-Type' => 'audio/wav', 'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name)]);
    }
}
