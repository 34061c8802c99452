<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Symfony\Component\Routing\Attribute\Route;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromBody;

/**
 * The two addresses of the session. The firewall answers both before these methods are reached; they stand here so
 * that routes and API description know them.
 */
final class SignInController
{
    #[Route('/api/sign-in', methods: ['POST'])]
    #[Answers(null, says: 'Signs in, by e-mail and password; the session is a cookie.')]
    public function signIn(#[FromBody] SignInInput $input): never
    {
        throw new \LogicException('the firewall answers a sign-in');
    }

    #[Route('/api/sign-out', methods: ['POST'])]
    #[Answers(null, says: 'Signs this device out.')]
    public function signOut(): never
    {
        throw new \LogicException('the firewall answers a sign-out');
    }
}
