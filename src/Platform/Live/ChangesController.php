<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Live;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Input\FromQuery;

/**
 * What changed in the gym since a revision, and the stream of hints that it is worth asking.
 */
final readonly class ChangesController
{
    /** More than that and a client had better fetch everything anew. */
    private const MOST = 500;

    public function __construct(private GymDatabase $database, private GymScope $scope)
    {
    }

    #[Route('/api/changes', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(ChangesView::class, says: 'What changed since a revision, by kind of row.')]
    public function changes(#[FromQuery] SinceInput $input = new SinceInput()): ChangesView
    {
        $rows = $this->database->rows(
            'SELECT DISTINCT g.revision, c.kind FROM gym g LEFT JOIN gym_change c
             ON c.gym_id = g.id AND c.revision > :since AND c.revision <= :since + :most
             WHERE g.id = :gym ORDER BY c.kind',
            ['since' => $input->since, 'most' => self::MOST],
        );
        $now = is_numeric($rows[0]['revision'] ?? null) ? (int) $rows[0]['revision'] : 0;
        if ($now - $input->since > self::MOST) {
            return new ChangesView($now, [], true);
        }
        $kinds = array_filter(array_column($rows, 'kind'), is_string(...));

        return new ChangesView($now, array_values($kinds), false);
    }

    /** PHP only says who may listen; nginx holds the stream. */
    #[Route('/api/live', methods: ['GET'])]
    #[IsGranted('ROLE_HELPER')]
    #[Answers(null, file: 'text/event-stream', says: 'The address of the stream that tells of changes, and its cookie.')]
    public function live(Request $request): Response
    {
        return new Response('', 200, [
            'X-Accel-Redirect' => \sprintf(
                '/internal/live/%s/%s',
                $this->scope->gymId()->toRfc4122(),
                SessionStreams::channel($request->getSession()->getId()),
            ),
            'X-Accel-Buffering' => 'no',
        ]);
    }
}
