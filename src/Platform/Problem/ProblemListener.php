<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Problem;

use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Serializer\Exception\ExtraAttributesException;
use Symfony\Component\Validator\ConstraintViolationInterface;
use Symfony\Component\Validator\Exception\ValidationFailedException;
use Zumbo\App\Platform\Gym\UnknownRow;

/**
 * Turns every exception under /api into a problem that names what a coach can mend, and never a class name.
 */
final readonly class ProblemListener
{
    public function __construct(private LoggerInterface $logger)
    {
    }

    #[AsEventListener(KernelEvents::EXCEPTION, priority: -16)]
    public function onException(ExceptionEvent $event): void
    {
        if (!str_starts_with($event->getRequest()->getPathInfo(), '/api/')) {
            return;
        }
        if (DatabaseAway::is($event->getThrowable())) {
            // Who is signed in could not be read; that it is nobody must not be written into the session, should the database be back
            // before the answer is out. Without this mark the firewall writes nothing.
            $event->getRequest()->attributes->remove('_security_firewall_run');
        }
        $problem = $this->problemOf($event->getThrowable());
        $event->setResponse($problem->response());
    }

    private function problemOf(\Throwable $e): Problem
    {
        for ($cause = $e; null !== $cause; $cause = $cause->getPrevious()) {
            $known = match (true) {
                $cause instanceof Refusal => $cause->problem(),
                $cause instanceof UnknownRow => Problem::of(404, 'Not found', $cause->getMessage()),
                $cause instanceof ValidationFailedException => self::violations($cause),
                $cause instanceof ExtraAttributesException => self::unknownFields($cause),
                $cause instanceof AccessDeniedException => Problem::of(
                    403,
                    'Not allowed',
                    'Your role in this gym does not allow that.',
                ),
                $cause instanceof AuthenticationException => Problem::of(401, 'Not signed in', 'Sign in first.'),
                default => null,
            };
            if (null !== $known) {
                return $known;
            }
        }
        if (DatabaseAway::is($e)) {
            return Problem::away();
        }
        if ($e instanceof HttpExceptionInterface) {
            return self::http($e->getStatusCode());
        }
        $this->logger->error('unexpected', ['exception' => $e]);

        return Problem::of(500, 'Our fault', 'Something went wrong on the server. Nothing was changed; try again.');
    }

    private static function http(int $status): Problem
    {
        return match ($status) {
            400 => Problem::of(400, 'Unreadable', 'The body is not readable as JSON.'),
            403 => Problem::of(403, 'Not allowed', 'Your role in this gym does not allow that.'),
            404 => Problem::of(404, 'Not found', 'There is nothing at this address.'),
            405 => Problem::of(405, 'Not possible', 'This address does not take that method.'),
            415 => Problem::of(415, 'Wrong type', 'Send application/json.'),
            422 => Problem::of(422, 'Bad input', 'The body is missing or is not a JSON object.'),
            default => Problem::of($status, 'Refused', 'The request can\'t be answered.'),
        };
    }

    private static function violations(ValidationFailedException $e): Problem
    {
        $errors = [];
        foreach ($e->getViolations() as $violation) {
            $errors[] = self::fieldError($violation);
        }

        return [] === $errors ? self::http(422) : Problem::badInput($errors);
    }

    private static function fieldError(ConstraintViolationInterface $violation): FieldError
    {
        $message = $violation->getParameters()['{{ sentence }}'] ?? null;
        if (SecretField::isAt($violation->getRoot(), $violation->getPropertyPath())) {
            return FieldError::secret($violation->getPropertyPath(), AcceptedForm::of($violation));
        }

        return FieldError::of(
            $violation->getPropertyPath(),
            $violation->getInvalidValue(),
            AcceptedForm::of($violation),
            \is_string($message) ? $message : null,
        );
    }

    private static function unknownFields(ExtraAttributesException $e): Problem
    {
        $errors = array_map(
            static fn (string $name): FieldError => FieldError::of(
                $name,
                null,
                'no such field',
                \sprintf('There is no field "%s".', mb_strimwidth(mb_scrub($name), 0, 40, '…')),
            ),
            array_values($e->getExtraAttributes()),
        );

        return [] === $errors ? self::http(422) : Problem::badInput($errors);
    }
}
