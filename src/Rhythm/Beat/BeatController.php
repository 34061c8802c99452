<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Beat;

use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Rhythm\WavDownload;
use Zumbo\App\Shared\BeatView;
use Zumbo\App\Shared\WrittenPattern;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\Beat;
use Zumbo\Core\Rhythm\PatternTiming;
use Zumbo\Core\Sound\ClickTrack;

/**
 * Patterns in time: to be drawn, played, and taken along as sound. Nothing here is kept.
 */
final readonly class BeatController
{
    public function __construct(private PatternChance $chance)
    {
    }

    #[Route('/api/pattern', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(PatternView::class, says: 'A written pattern as beats, with its times.')]
    public function pattern(#[FromQuery] PatternInput $input): PatternView
    {
        $pattern = WrittenPattern::read('notation', $input->notation);
        $beats = PatternTiming::of($pattern, Rate::perMinute($input->cadence));

        $jumps = \count(array_filter($beats, static fn (Beat $beat): bool => null !== $beat->kind));
        $turns = array_sum(array_map(static fn (Beat $beat): int => \count($beat->turnsS), $beats));

        return new PatternView(
            $pattern->notation(),
            $pattern->text(),
            $jumps,
            $turns,
            $input->cadence,
            array_map(BeatView::of(...), $beats),
            null === $input->athleteId ? null : $this->chance->of($pattern, $beats, $input->athleteId),
        );
    }

    #[Route('/api/pattern/click.wav', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(null, file: WavDownload::TYPE, says: 'A pattern as a click track.')]
    public function click(#[FromQuery] ClickTrackInput $input): StreamedResponse
    {
        $pattern = WrittenPattern::read('notation', $input->notation);
        try {
            $pieces = ClickTrack::wav($pattern, Rate::perMinute($input->cadence), $input->rounds);
        } catch (OutOfRange $e) {
            throw BadField::of('rounds', $input->rounds, $e->accepted, ucfirst($e->getMessage()).'.');
        }

        return WavDownload::of('zumbo-beat.wav', $pieces);
    }
}
