<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Input;

use Symfony\Component\Validator\Constraints\Choice;
use Symfony\Component\Validator\Constraints\ChoiceValidator;

/**
 * One value (or, with `multiple`, several) of a backed enum, sent as its text.
 */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class OneOf extends Choice
{
    /**
     * @param class-string<\BackedEnum> $enum
     */
    public function __construct(string $enum, bool $multiple = false)
    {
        parent::__construct(choices: array_column($enum::cases(), 'value'), multiple: $multiple);
    }

    public function validatedBy(): string
    {
        return ChoiceValidator::class;
    }
}
