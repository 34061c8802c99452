<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Beat;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Rhythm\Jump\ExploreJump;
use Zumbo\App\Rhythm\Jump\FramesInput;
use Zumbo\App\Rhythm\Jump\FramesView;
use Zumbo\App\Rhythm\Jump\JumpExplorerInput;
use Zumbo\App\Rhythm\Jump\JumpExplorerView;
use Zumbo\App\Rhythm\Take\TakeInput;
use Zumbo\App\Rhythm\Take\TakeView;
use Zumbo\App\Shared\BeatView;
use Zumbo\App\Shared\WrittenPattern;
use Zumbo\Core\Jump\FrameCount;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\Rate;
use Zumbo\Core\Rhythm\Beat;
use Zumbo\Core\Rhythm\PatternTiming;
use Zumbo\Core\Rhythm\RhythmReport;

/**
 * The beat: patterns in time, takes that were tapped, clips, and the jump against the wrist. Nothing here is kept.
 */
final readonly class RhythmController
{
    public function __construct(private ExploreJump $explore, private Gyms $gyms)
    {
    }

    #[Route('/api/pattern', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(PatternView::class)]
    public function pattern(#[FromQuery] PatternInput $input): PatternView
    {
        $pattern = WrittenPattern::read('notation', $input->notation);
        $beats = PatternTiming::of($pattern, Rate::perMinute($input->cadence));

        $jumps = \count(array_filter($beats, static fn (Beat $beat): bool => null !== $beat->kind));
        $turns = array_sum(array_map(static fn (Beat $beat): int => \count($beat->turnsS), $beats));

        return new PatternView($pattern->notation(), $pattern->text(), $jumps, $turns, $input->cadence, array_map(BeatView::of(...), $beats));
    }

    /** Reads a take; writes nothing, so it needs no id. */
    #[Route('/api/takes/read', methods: ['POST'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(TakeView::class)]
    public function take(#[FromBody] TakeInput $input): TakeView
    {
        return TakeView::of(RhythmReport::of($input->take(), $input->target()));
    }

    #[Route('/api/frames', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(FramesView::class)]
    public function frames(#[FromQuery] FramesInput $input): FramesView
    {
        try {
            return FramesView::of(FrameCount::of($input->framesPerS, $input->takeOff, $input->pass1, $input->pass2, $input->landing), $this->gyms->current()->unit());
        } catch (OutOfRange $e) {
            throw BadField::of('frames', implode(', ', [$input->takeOff, $input->pass1, $input->pass2, $input->landing]), $e->accepted, ucfirst($e->getMessage()).'.');
        }
    }

    #[Route('/api/athletes/{id}/jump-explorer', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(JumpExplorerView::class)]
    public function explore(UuidV7 $id, #[FromQuery] JumpExplorerInput $input = new JumpExplorerInput()): JumpExplorerView
    {
        return $this->explore->forAthlete($id, $input);
    }
}
