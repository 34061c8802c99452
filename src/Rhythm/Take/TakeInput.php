<?php

declare(strict_types=1);

namespace Zumbo\App\Rhythm\Take;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\App\Shared\WrittenPattern;
use Zumbo\Core\Measure\OutOfRange;
use Zumbo\Core\Rhythm\Pattern;
use Zumbo\Core\Rhythm\Take;

/**
 * What was tapped along: seconds from the start.
 */
final readonly class TakeInput
{
    /**
     * @param list<float> $turnsS
     * @param list<float> $landingsS
     */
    public function __construct(
        #[Assert\Count(max: 20000)] #[Assert\All([new Assert\Type(['float', 'int'])])] public array $turnsS,
        #[Assert\Count(max: 20000)] #[Assert\All([new Assert\Type(['float', 'int'])])] public array $landingsS,
        /** A pattern to compare with; left out: none. */
        #[Assert\Length(max: 400)] public ?string $target = null,
    ) {
    }

    /** @throws BadField when a time is not later than the one before */
    public function take(): Take
    {
        try {
            return Take::of(array_map(floatval(...), $this->turnsS), array_map(floatval(...), $this->landingsS));
        } catch (OutOfRange $e) {
            throw BadField::of(
                str_starts_with($e->getMessage(), 'turns') ? 'turnsS' : 'landingsS',
                null,
                $e->accepted,
                ucfirst($e->getMessage()).'.',
            );
        }
    }

    public function target(): ?Pattern
    {
        return null === $this->target || '' === trim($this->target)
            ? null
            : WrittenPattern::read('target', $this->target);
    }
}
