<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Problem;

use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\ConstraintViolationInterface;
use Zumbo\App\Platform\Input\SaysAcceptedForm;

/**
 * What would have been right, from the constraint that was broken or the type that was expected.
 */
final class AcceptedForm
{
    private const TYPES = [
        'string' => 'text',
        'int' => 'a whole number',
        'float' => 'a number',
        'bool' => 'true or false',
        'array' => 'a list',
        'null' => 'nothing',
    ];

    public static function of(ConstraintViolationInterface $violation): string
    {
        $constraint = $violation->getConstraint();

        return match (true) {
            $constraint instanceof SaysAcceptedForm => self::parameter($violation, SaysAcceptedForm::PARAMETER),
            $constraint instanceof Assert\Choice => 'one of '.
                implode(', ', array_map(self::plain(...), $constraint->choices ?? [])),
            $constraint instanceof Assert\Length => \sprintf(
                '%d to %d characters',
                $constraint->min ?? 0,
                $constraint->max ?? 0,
            ),
            $constraint instanceof Assert\Range => \sprintf(
                'from %s to %s',
                self::plain($constraint->min),
                self::plain($constraint->max),
            ),
            $constraint instanceof Assert\NotBlank => 'some text',
            $constraint instanceof Assert\Count => \sprintf('at most %d entries', $constraint->max ?? 0),
            $constraint instanceof Assert\Unique => 'each entry once',
            $constraint instanceof Constraint => rtrim((string) $violation->getMessage(), '.'),
            default => self::type(self::parameter($violation, '{{ type }}')),
        };
    }

    private static function type(string $types): string
    {
        $words = array_map(
            static fn (string $type): string => self::TYPES[$type] ?? 'another form',
            explode('|', $types),
        );

        return implode(' or ', array_unique($words));
    }

    private static function parameter(ConstraintViolationInterface $violation, string $name): string
    {
        $value = $violation->getParameters()[$name] ?? '';

        return \is_string($value) ? $value : '';
    }

    private static function plain(mixed $limit): string
    {
        return \is_scalar($limit) ? (string) $limit : '?';
    }
}
