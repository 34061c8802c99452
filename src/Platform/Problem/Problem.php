<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Problem;

use Symfony\Component\HttpFoundation\JsonResponse;

/**
 * An error as application/problem+json (RFC 9457): a title, one sentence, and for bad input the fields.
 */
final readonly class Problem
{
    public const MEDIA_TYPE = 'application/problem+json';
    private const RETRY_AFTER_S = 5;

    /**
     * @param list<FieldError> $errors
     */
    private function __construct(
        public string $title,
        public int $status,
        public string $detail,
        public array $errors,
        public ?object $current,
    ) {
    }

    /**
     * @param list<FieldError> $errors
     * @param object|null      $current what the server holds instead, after a conflict
     */
    public static function of(
        int $status,
        string $title,
        string $detail,
        array $errors = [],
        ?object $current = null,
    ): self {
        return new self($title, $status, $detail, $errors, $current);
    }

    /**
     * @param non-empty-list<FieldError> $errors
     */
    public static function badInput(array $errors): self
    {
        return new self(
            'Bad input',
            422,
            implode(' ', array_map(static fn (FieldError $error): string => $error->message, $errors)),
            $errors,
            null,
        );
    }

    /** The database could not be reached. */
    public static function away(): self
    {
        return self::of(503, 'Away', 'The database does not answer just now. Nothing was changed; try again in a moment.');
    }

    public function response(): JsonResponse
    {
        $body = [
            'type' => 'about:blank',
            'title' => $this->title,
            'status' => $this->status,
            'detail' => $this->detail,
        ];
        if ([] !== $this->errors) {
            $body['errors'] = $this->errors;
        }
        if (null !== $this->current) {
            $body['current'] = $this->current;
        }
        $response = new JsonResponse();
        $response->setEncodingOptions(
            \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_INVALID_UTF8_SUBSTITUTE,
        );
        $response->setData($body);
        $response->setStatusCode($this->status);
        $response->headers->set('Content-Type', self::MEDIA_TYPE);
        if (503 === $this->status) {
            $response->headers->set('Retry-After', (string) self::RETRY_AFTER_S);
        }

        return $response;
    }
}
