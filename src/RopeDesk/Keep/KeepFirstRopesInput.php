<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Keep;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\ReadableLength;
use Zumbo\Core\Measure\Quantity;

/**
 * Whose first ropes are kept as they were sized.
 */
final readonly class KeepFirstRopesInput
{
    /**
     * @param list<string> $athletes
     */
    public function __construct(
        #[ReadableLength(Quantity::Handle)] public string $handle,
        #[Assert\Count(min: 1, max: 500)]
        #[Assert\Unique]
        #[Assert\All([new Assert\Uuid(versions: [7])])]
        public array $athletes,
    ) {
    }

    public function sizing(): FirstRopesInput
    {
        return new FirstRopesInput($this->handle);
    }
}
