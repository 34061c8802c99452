<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Jump;

use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Jump\FrameCount;
use Zumbo\Core\Measure\OutOfRange;

/**
 * One jump: four frames of a clip, and height against the wrist.
 */
final readonly class JumpController
{
    public function __construct(private ExploreJump $explore, private Gyms $gyms)
    {
    }

    #[Route('/api/frames', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(FramesView::class)]
    public function frames(#[FromQuery] FramesInput $input): FramesView
    {
        $frames = [$input->takeOff, $input->pass1, $input->pass2, $input->landing];
        try {
            return FramesView::of(FrameCount::of($input->framesPerS, ...$frames), $this->gyms->current()->unit());
        } catch (OutOfRange $e) {
            throw BadField::of('frames', implode(', ', $frames), $e->accepted, ucfirst($e->getMessage()).'.');
        }
    }

    #[Route('/api/athletes/{id}/jump-explorer', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(JumpExplorerView::class)]
    public function explore(
        UuidV7 $id,
        #[FromQuery] JumpExplorerInput $input = new JumpExplorerInput(),
    ): JumpExplorerView {
        return $this->explore->forAthlete($id, $input);
    }
}
