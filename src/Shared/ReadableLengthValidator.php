<?php

declare(strict_types=1);

namespace Zumbo\App\Shared;

use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\ConstraintValidator;
use Symfony\Component\Validator\Exception\UnexpectedTypeException;
use Zumbo\App\Platform\Input\SaysAcceptedForm;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Measure\UnreadableLength;

final class ReadableLengthValidator extends ConstraintValidator
{
    public function validate(mixed $value, Constraint $constraint): void
    {
        if (!$constraint instanceof ReadableLength) {
            throw new UnexpectedTypeException($constraint, ReadableLength::class);
        }
        if (!\is_string($value) || ($constraint->mayBeEmpty && '' === trim($value))) {
            return;
        }
        try {
            LengthParser::parse($value, $constraint->range);
        } catch (OutOfRange $e) {
            $this->refuse($e->getMessage().'.', $e->accepted);
        } catch (UnreadableLength $e) {
            $this->refuse(\sprintf('%s %s.', $constraint->range->quantity, $e->getMessage()), $e->accepted);
        }
    }

    private function refuse(string $sentence, string $accepted): void
    {
        $this->context
            ->buildViolation($sentence)
            ->setParameter('{{ sentence }}', $sentence)
            ->setParameter(SaysAcceptedForm::PARAMETER, $accepted)
            ->addViolation();
    }
}
