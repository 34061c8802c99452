<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Routing\Attribute\Route;
use Zumbo\App\Entity\Gym\Coaches;
use Zumbo\App\Entity\Gym\Gyms;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Shared\SignedInCoach;

/**
 * Who is signed in. Answers 200 with nobody instead of 401, so that the sign-in page starts without an error.
 */
final readonly class MeController
{
    public function __construct(private Security $security, private Coaches $coaches, private Gyms $gyms)
    {
    }

    #[Route('/api/me', methods: ['GET'])]
    #[Answers(MeView::class, says: 'Who is signed in, and their gym.')]
    public function __invoke(): MeView
    {
        $signedIn = $this->security->getUser();
        if (!$signedIn instanceof SignedInCoach) {
            return MeView::nobody();
        }

        return MeView::of($this->coaches->get($signedIn->id), $this->gyms->current());
    }
}
