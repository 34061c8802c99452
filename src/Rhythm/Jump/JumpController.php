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
use Zumbo\Core\Jump\FrameError;

/**
 * One jump: four frames of a clip, and height against the wrist.
 */
final readonly class JumpController
{
    /** Names here of what the core names. */
    private const FRAME_FIELDS = [
        'frames_per_s' => 'framesPerS',
        'takeoff' => 'takeOff',
        'pass_1' => 'pass1',
        'pass_2' => 'pass2',
        'landing' => 'landing',
    ];

    public function __construct(private ExploreJump $explore, private Gyms $gyms)
    {
    }

    #[Route('/api/frames', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(FramesView::class, says: 'What four frames of a double under show: airtime, height, turns.')]
    public function frames(#[FromQuery] FramesInput $input): FramesView
    {
        try {
            return FramesView::of(
                FrameCount::of($input->framesPerS, $input->takeOff, $input->pass1, $input->pass2, $input->landing),
                $this->gyms->current()->unit(),
            );
        } catch (FrameError $e) {
            throw BadField::of(self::FRAME_FIELDS[$e->field], $e->given, $e->accepted, ucfirst($e->getMessage()).'.');
        }
    }

    #[Route('/api/athletes/{id}/jump-explorer', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(JumpExplorerView::class, says: 'Heights, airtimes and wrist speeds of an athlete\'s jump.')]
    public function explore(
        UuidV7 $id,
        #[FromQuery] JumpExplorerInput $input = new JumpExplorerInput(),
    ): JumpExplorerView {
        return $this->explore->forAthlete($id, $input);
    }
}
