<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Problem;

/**
 * Input that passed validation field by field and still can't be used, or that stands outside of the body.
 */
final class BadField extends \InvalidArgumentException implements Refusal
{
    private function __construct(private readonly FieldError $error)
    {
        parent::__construct($error->message);
    }

    public static function of(string $field, mixed $value, string $accepted, ?string $message = null): self
    {
        return new self(FieldError::of($field, $value, $accepted, $message));
    }

    /** What was given is not shown. */
    public static function secret(string $field, string $accepted): self
    {
        return new self(FieldError::secret($field, $accepted));
    }

    public function problem(): Problem
    {
        return Problem::badInput([$this->error]);
    }
}
