<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;
use Zumbo\App\Platform\Problem\Problem;

/**
 * What a request without a session is told.
 */
final class SignInRequired implements AuthenticationEntryPointInterface
{
    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return Problem::of(
            Response::HTTP_UNAUTHORIZED,
            'Not signed in',
            'Sign in first: there is no session, or it has ended.',
        )->response();
    }
}
