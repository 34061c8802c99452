<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Shared\Access\FewFromOneAddress;

/**
 * What whoever holds a link may do with it. Open to anybody: its secret is the guard, sent in the body so that no log has it.
 */
final readonly class WayInController
{
    /** Joining tells whether somebody signs in by an e-mail: nobody does it ten times in a minute. */
    private const JOINING = 15;

    public function __construct(private TakeUpLink $takeUp, private FewFromOneAddress $few)
    {
    }

    #[Route('/api/way-in', methods: ['POST'])]
    #[Answers(WayInView::class, says: 'What a link is for.')]
    public function look(#[FromBody] LinkInput $input, Request $request): WayInView
    {
        $this->few->count($request);

        return $this->takeUp->look($input);
    }

    #[Route('/api/join', methods: ['POST'])]
    #[Answers(null, says: 'Takes an invitation up.')]
    public function join(#[FromBody] JoinInput $input, Request $request): void
    {
        $this->few->count($request, self::JOINING);
        $this->takeUp->join($input);
    }

    #[Route('/api/reset', methods: ['POST'])]
    #[Answers(null, says: 'Chooses another password by a reset link.')]
    public function reset(#[FromBody] NewPasswordInput $input, Request $request): void
    {
        $this->few->count($request);
        $this->takeUp->reset($input);
    }
}
