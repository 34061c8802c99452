<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Access;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\RateLimiter\RateLimiterFactoryInterface;

/**
 * Counts what anybody may try without signing in, together with the attempts to sign in from that address.
 */
final readonly class FewFromOneAddress
{
    public function __construct(#[Autowire(service: 'limiter.sign_in_address')] private RateLimiterFactoryInterface $addresses)
    {
    }

    /**
     * @param int $as so many tries, where one tells more than that a guess was wrong
     *
     * @throws TooManyTries when there were too many in this minute
     */
    public function count(Request $request, int $as = 1): void
    {
        if (!$this->addresses->create(self::key($request))->consume($as)->isAccepted()) {
            throw new TooManyTries();
        }
    }

    /** What an address is counted by: not itself. */
    public static function key(Request $request): string
    {
        return hash('sha256', (string) $request->getClientIp());
    }
}
