<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Begin;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Gym\AllGyms;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Shared\Access\FewFromOneAddress;

/**
 * The way in to a machine that has no gym yet. Open to anybody: the code is the guard.
 */
final readonly class BeginController
{
    public function __construct(private AllGyms $gyms, private MakeFirstGym $make, private FewFromOneAddress $few)
    {
    }

    #[Route('/api/welcome', methods: ['GET'])]
    #[Answers(WelcomeView::class, says: 'What somebody who is not signed in can do here.')]
    public function welcome(): WelcomeView
    {
        return new WelcomeView($this->gyms->hasDemo() ? new DemoSignInView() : null, $this->gyms->noneButTheDemo());
    }

    #[Route('/api/first-gym/{id}', methods: ['PUT'])]
    #[Answers(null, says: 'Makes the first gym of a machine, with its first owner, by the code that it printed.')]
    public function make(UuidV7 $id, #[FromBody] FirstGymInput $input, Request $request): void
    {
        $this->few->count($request);
        $this->make->make($id, $input);
    }
}
