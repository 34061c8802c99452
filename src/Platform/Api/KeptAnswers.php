<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Api;

use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Lock\LockFactory;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;

/**
 * Answers what many screens of a gym ask for at once: worked out by the first, kept for the others until what it rests on
 * has changed, and not sent again to whoever has it (304).
 */
final readonly class KeptAnswers
{
    private const MOST_S = 30.0;

    public function __construct(
        #[Autowire(service: 'cache.app')] private CacheItemPoolInterface $cache,
        private LockFactory $locks,
        private GymScope $scope,
        private GymDatabase $database,
        /** Another build may answer otherwise. */
        #[Autowire('%kernel.cache_dir%')] private string $build,
    ) {
    }

    /**
     * @param string            $name    of what is asked for, beside the gym
     * @param list<string>      $restsOn what the answer rests on beside the gym's rows, like its local day
     * @param callable(): mixed $view    DTOs with public properties
     */
    public function answer(Request $request, string $name, array $restsOn, callable $view): Response
    {
        $slot = 'answer.'.hash('xxh128', $name.' '.$this->scope->gymId()->toRfc4122());
        $tag = hash('xxh128', implode(' ', [$this->build, $slot, $this->lastWrite(), ...$restsOn]));
        $response = new Response('', 200, ['Content-Type' => 'application/json']);
        $response->setEtag($tag);
        $response->headers->set('Cache-Control', 'private, no-cache');
        if (!$response->isNotModified($request)) {
            $response->setContent($this->kept($slot, $tag) ?? $this->workedOut($slot, $tag, $view));
        }

        return $response;
    }

    /** By number and by id: after a restore the numbers begin again further back. */
    private function lastWrite(): string
    {
        $row = $this->database->rows(
            'SELECT g.revision, HEX(c.row_id) AS row_id FROM gym g
             LEFT JOIN gym_change c ON c.gym_id = g.id AND c.revision = g.revision WHERE g.id = :gym',
        )[0] ?? [];

        return implode(' ', array_filter($row, is_scalar(...)));
    }

    /**
     * @param callable(): mixed $view
     */
    private function workedOut(string $slot, string $tag, callable $view): string
    {
        // Twenty screens hear of a change in the same moment.
        $lock = $this->locks->createLock($slot, self::MOST_S);
        $lock->acquire(true);
        try {
            $kept = $this->kept($slot, $tag);
            if (null !== $kept) {
                return $kept;
            }
            $body = json_encode($view(), ViewResponder::FLAGS);
            $this->cache->save($this->cache->getItem($slot)->set([$tag, $body]));

            return $body;
        } finally {
            $lock->release();
        }
    }

    private function kept(string $slot, string $tag): ?string
    {
        $kept = $this->cache->getItem($slot)->get();

        return \is_array($kept) && $tag === ($kept[0] ?? null) && \is_string($kept[1] ?? null) ? $kept[1] : null;
    }
}
