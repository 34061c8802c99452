<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Api;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ViewEvent;
use Symfony\Component\HttpKernel\KernelEvents;

/**
 * Sends the view DTO that a controller returned. Views have public properties only, so PHP's own encoder is enough.
 */
final class ViewResponder
{
    public const FLAGS = \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE
        | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION;

    #[AsEventListener(KernelEvents::VIEW)]
    public function onView(ViewEvent $event): void
    {
        $result = $event->getControllerResult();
        if (null === $result) {
            $event->setResponse(new Response('', Response::HTTP_NO_CONTENT));

            return;
        }
        $status = $result instanceof Created && $result->now ? 201 : 200;
        $response = new JsonResponse();
        $response->setEncodingOptions(self::FLAGS);
        $response->setData($result instanceof Created ? $result->view : $result);
        $response->setStatusCode($status);
        $response->headers->set('Cache-Control', 'no-store');
        if ($event->getRequest()->isMethod('GET')) {
            // Asked again, it is not sent again while it is the same. A browser forgets it at sign-out (SignedOut).
            $response->setEtag(hash('xxh128', (string) $response->getContent()));
            $response->headers->set('Cache-Control', 'private, no-cache');
            $response->isNotModified($event->getRequest());
        }
        $event->setResponse($response);
    }
}
