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
    /** Sent by a screen that asks again until it has seen the revision it knows of. */
    public const MAY_LAG = 'Zumbo-May-Lag';

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
     * @param string            $name   of what is asked for, and by whom where that makes a difference
     * @param callable(): mixed $view   DTOs with public properties
     * @param bool              $mayLag the answer tells its revision: a screen that says so gets the one before while the next
     *                                  is worked out, and asks again. Nobody waits then, least of all a write
     */
    public function answer(Request $request, string $name, callable $view, bool $mayLag = false): Response
    {
        $slot = $this->ofGym().hash('xxh128', $name);
        $tag = hash('xxh128', implode(' ', [$this->build, $slot, $this->lastWrite()]));
        $response = self::tagged($tag);
        if ($response->isNotModified($request)) {
            return $response;
        }
        $kept = $this->kept($slot, $tag) ?? $this->workedOut($slot, $tag, $view, $mayLag && $request->headers->has(self::MAY_LAG));
        $response = self::tagged($kept->tag)->setContent($kept->body);
        // Whoever has the one before has nothing to read either.
        $response->isNotModified($request);

        return $response;
    }

    private static function tagged(string $tag): Response
    {
        $response = new Response('', 200, ['Content-Type' => 'application/json', 'Cache-Control' => 'private, no-cache']);

        return $response->setEtag($tag);
    }

    /** After somebody was erased nothing of them may be kept. */
    public function forget(): void
    {
        $this->cache->clear($this->ofGym());
    }

    /** What nobody asked for in a day goes. */
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
    private function workedOut(string $slot, string $tag, callable $view, bool $mayLag): KeptAnswer
    {
        $before = $mayLag ? $this->kept($slot) : null;
        $lock = $this->locks->createLock($slot, self::MOST_S);
        if (null !== $before && $before->isFresh(microtime(true))) {
            // It was worked out just now, or is at this moment.
            if ($before->rests(microtime(true)) || !$lock->acquire()) {
                return $before;
            }
        } else {
            // Twenty screens hear of a change in the same moment.
            $lock->acquire(true);
        }
        try {
            return $this->kept($slot, $tag) ?? $this->anew($slot, $tag, $view);
        } finally {
            $lock->release();
        }
    }

    /**
     * @param callable(): mixed $view
     */
    private function anew(string $slot, string $tag, callable $view): KeptAnswer
    {
        $began = microtime(true);
        $body = json_encode($view(), ViewResponder::FLAGS);
        $made = new KeptAnswer($tag, $body, microtime(true), microtime(true) - $began);
        $this->cache->save($this->cache->getItem($slot)->set($made)->expiresAfter(self::KEPT_S));

        return $made;
    }

    /** @param string|null $tag null: whatever it was made of */
    private function kept(string $slot, ?string $tag = null): ?KeptAnswer
    {
        $kept = $this->cache->getItem($slot)->get();

        return $kept instanceof KeptAnswer && (null === $tag || $tag === $kept->tag) ? $kept : null;
    }
}
