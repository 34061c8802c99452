<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\TooManyLoginAttemptsAuthenticationException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\Authentication\AuthenticationSuccessHandlerInterface;
use Zumbo\App\Platform\Problem\Problem;

/**
 * Answers a sign-in: nothing to say when it worked, one sentence for every way it did not.
 */
final class SignInAnswers implements AuthenticationSuccessHandlerInterface, AuthenticationFailureHandlerInterface
{
    public function onAuthenticationSuccess(Request $request, TokenInterface $token): Response
    {
        return new Response('', Response::HTTP_NO_CONTENT);
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        if ($exception instanceof TooManyLoginAttemptsAuthenticationException) {
            return Problem::of(
                Response::HTTP_TOO_MANY_REQUESTS,
                'Too many attempts',
                'Too many attempts to sign in: wait a minute, then try again.',
            )->response();
        }

        return Problem::of(
            Response::HTTP_UNAUTHORIZED,
            'Not signed in',
            'E-mail and password do not belong together.',
        )->response();
    }
}
