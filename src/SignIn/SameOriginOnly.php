<?php

declare(strict_types=1);

namespace Zumbo\App\SignIn;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;
use Zumbo\App\Platform\Problem\Problem;

/**
 * Refuses unsafe requests that another site's page may have caused. Before the firewall (priority 8), so that signing
 * in is covered too. The token is stateless: the header proves our script, the origin proves our page.
 */
final readonly class SameOriginOnly
{
    public const HEADER = 'csrf-token';
    public const TOKEN_ID = 'write';

    public function __construct(private CsrfTokenManagerInterface $tokens)
    {
    }

    #[AsEventListener(KernelEvents::REQUEST, priority: 12)]
    public function onRequest(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (
            !$event->isMainRequest()
            || $request->isMethodSafe()
            || !str_starts_with($request->getPathInfo(), '/api/')
        ) {
            return;
        }
        $token = new CsrfToken(self::TOKEN_ID, (string) $request->headers->get(self::HEADER));
        if (!$this->tokens->isTokenValid($token)) {
            $event->setResponse(
                Problem::of(
                    Response::HTTP_FORBIDDEN,
                    'Not from this site',
                    'A change must come from this site\'s own page, with the header csrf-token.',
                )->response(),
            );
        }
    }
}
