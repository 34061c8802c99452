<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Trim;

use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthParser;
use Zumbo\Core\Measure\Quantity;
use Zumbo\Core\Rope\School;
use Zumbo\Core\Rope\TrimPath;

/**
 * Where a trim path is to end, and in what steps.
 */
final readonly class TrimWish
{
    public function __construct(
        /** Left out: what somebody who links doubles would begin with. */
        #[OneOf(School::class)] public ?string $goal = null,
        /** Off each side at once. */
        #[ReadableLength(Quantity::StepPerSide)] public ?string $step = null,
    ) {
    }

    public function school(): ?School
    {
        return null === $this->goal ? null : School::from($this->goal);
    }

    public function step(): Length
    {
        return null === $this->step
            ? Length::ofMetres(TrimPath::USUAL_STEP_M)
            : LengthParser::parse($this->step, Quantity::StepPerSide->range());
    }
}
