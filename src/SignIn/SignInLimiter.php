<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\RateLimiter\RequestRateLimiterInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\RateLimiter\LimiterInterface;
use Symfony\Component\RateLimiter\RateLimit;
use Symfony\Component\RateLimiter\RateLimiterFactoryInterface;
use Symfony\Component\Security\Http\SecurityRequestAttributes;
use Zumbo\App\Entity\Gym\CanonicalEmail;
use Zumbo\App\Shared\Access\FewFromOneAddress;

/**
 * Attempts to sign in are counted by account at each address; and by address alone, far above what a whole gym behind one
 * router types in a minute, against guessing through all accounts. An attempt counts before the password is looked at
 * (that is why this can't be peeked into): guesses at the same moment count as well. Success forgives the account's.
 */
final readonly class SignInLimiter implements RequestRateLimiterInterface
{
    public function __construct(
        #[Autowire(service: 'limiter.sign_in_account')] private RateLimiterFactoryInterface $accounts,
        #[Autowire(service: 'limiter.sign_in_address')] private RateLimiterFactoryInterface $addresses,
    ) {
    }

    public function consume(Request $request): RateLimit
    {
        $address = $this->addresses->create(FewFromOneAddress::key($request))->consume();

        return $address->isAccepted() ? $this->account($request)->consume() : $address;
    }

    public function reset(Request $request): void
    {
        $this->account($request)->reset();
    }

    private function account(Request $request): LimiterInterface
    {
        $typed = $request->attributes->get(SecurityRequestAttributes::LAST_USERNAME);

        return $this->accounts->create(
            hash('sha256', CanonicalEmail::of(\is_string($typed) ? $typed : '').' '.$request->getClientIp()),
        );
    }
}
