<?php

declare(strict_types=1);

namespace Zumbo\App\Faults;

use Zumbo\Core\Fault\Sign;
use Zumbo\Core\Measure\Term;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * A sign as it is touched.
 */
final readonly class SignView
{
    private function __construct(public Sign $code, public string $text)
    {
    }

    public static function of(Sign $sign): self
    {
        return new self($sign, MessageCatalogue::name(Term::of($sign)));
    }
}
