<?php

declare(strict_types=1);

namespace Zumbo\App\Athletes\Listed;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Shared\Sheet\Meanings;
use Zumbo\Core\Roster\Athletes\AthleteColumn;

/**
 * Which column of the list holds what, where somebody has said so.
 */
final readonly class ListInput
{
    public function __construct(
        /** Like `0:name,2:height`, counted from 0; left out: guessed. */
        #[Assert\Regex(Meanings::FORM, message: 'columns like 0:name,2:height')]
        public ?string $columns = null,
    ) {
    }

    /**
     * @return array<int, AthleteColumn>|null null: guess
     */
    public function meanings(): ?array
    {
        return Meanings::read($this->columns, AthleteColumn::class);
    }
}
