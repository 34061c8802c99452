<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn\Own;

use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Entity\Access\OpenSession;
use Zumbo\App\Entity\Access\OpenSessions;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Gym\UnknownRow;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Live\SessionStreams;
use Zumbo\App\Shared\CurrentCoach;

/**
 * One's own password, and where one is signed in.
 */
final readonly class OwnSignInController
{
    public function __construct(
        private ChangeOwnPassword $change,
        private OpenSessions $sessions,
        private SessionStreams $streams,
        private CurrentCoach $coach,
        private ClockInterface $clock,
    ) {
    }

    #[Route('/api/me/password', methods: ['POST'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(null, says: 'Changes one\'s own password; other sessions end.')]
    public function password(#[FromBody] PasswordChangeInput $input, Request $request): void
    {
        $this->change->change($input, $request);
    }

    /**
     * @return list<SessionView>
     */
    #[Route('/api/me/sessions', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(SessionView::class, list: true, says: 'The devices one is signed in on.')]
    public function sessions(Request $request): array
    {
        $here = $request->getSession()->getId();

        return array_map(static fn (OpenSession $one): SessionView => SessionView::of($one, $here), $this->mine());
    }

    #[Route('/api/sessions/{id}', methods: ['DELETE'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(null, says: 'Signs another device of one\'s own out.')]
    public function end(UuidV7 $id): void
    {
        foreach ($this->mine() as $session) {
            if ($session->id->equals($id)) {
                $this->sessions->end($session);
                $this->streams->end($session->sessionId);

                return;
            }
        }
        throw UnknownRow::of('session', $id);
    }

    /**
     * @return list<OpenSession>
     */
    private function mine(): array
    {
        return $this->sessions->of($this->coach->id(), $this->clock->now());
    }
}
