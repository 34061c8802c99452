<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Api;

use Psr\Clock\ClockInterface;
use Symfony\Component\Cache\Adapter\AdapterInterface;
use Symfony\Component\Cache\PruneableInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Lock\LockFactory;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Platform\Gym\GymDatabase;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Job\Chore;

/**
 * Answers what many screens of a gym ask for at once: worked out by the first, kept for the others until something is
 * written or the local day ends, and not sent again to whoever has it (304).
 */
final readonly class KeptAnswers implements Chore
{
    /** So long working it out may take until another begins. */
    private const MOST_S = 30.0;

    /** Nobody comes back to an answer of yesterday. */
    private const KEPT_S = 86_400;

    public function __construct(
        #[Autowire(service: 'cache.app')] private AdapterInterface $cache,
        private LockFactory $locks,
        private GymScope $scope,
        private GymDatabase $database,
        private ClockInterface $clock,
        /** Another build may answer otherwise. */
        #[Autowire('%kernel.cache_dir%')] private string $build,
    ) {
    }

    /**
     * @param string            $name of what is asked for, and by whom where that makes a difference
     * @param callable(): mixed $view DTOs with public properties
     */
    public function answer(Request $request, string $name, callable $view): Response
    {
        $slot = $this->ofGym().hash('xxh128', $name);
        $tag = hash('xxh128', implode(' ', [$this->build, $slot, $this->lastWrite()]));
        $response = new Response('', 200, ['Content-Type' => 'application/json']);
        $response->setEtag($tag);
        $response->headers->set('Cache-Control', 'private, no-cache');
        if (!$response->isNotModified($request)) {
            $response->setContent($this->kept($slot, $tag) ?? $this->workedOut($slot, $tag, $view));
        }

        return $response;
    }

    /** After somebody was erased nothing of them may be kept. */
    public function forget(): void
    {
        $this->cache->clear($this->ofGym());
    }

    public function doIt(): void
    {
        if ($this->cache instanceof PruneableInterface) {
            $this->cache->prune();
        }
    }

    private function ofGym(): string
    {
        return 'answer.'.bin2hex($this->scope->gymId()->toBinary()).'.';
    }

    /** By number and by id, for after a restore the numbers begin again further back; and the local day. */
    private function lastWrite(): string
    {
        $row = $this->database->rows(
            'SELECT g.revision, HEX(c.row_id) AS row_id, g.time_zone FROM gym g
             LEFT JOIN gym_change c ON c.gym_id = g.id AND c.revision = g.revision WHERE g.id = :gym',
        )[0] ?? [];
        $zone = \is_string($row['time_zone'] ?? null) ? $row['time_zone'] : 'UTC';

        return implode(' ', array_filter($row, is_scalar(...))).LocalDay::of($this->clock->now(), $zone)->format(' Y-m-d');
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
            $this->cache->save($this->cache->getItem($slot)->set([$tag, $body])->expiresAfter(self::KEPT_S));

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
