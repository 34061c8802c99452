<?php

declare(strict_types=1);

namespace Zumbo\App\Log\Listed;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Shared\Sheet\Meanings;
use Zumbo\Core\Roster\Entries\DayOrder;
use Zumbo\Core\Roster\Entries\EntryColumn;

/**
 * How a log is to be read, where somebody has said so, and what was done in it.
 */
final readonly class EntryListInput
{
    public function __construct(
        /** Like `0:date,2:reps`, counted from 0; left out: guessed. */
        #[Assert\Regex(Meanings::FORM, message: 'columns like 0:date,2:reps')] public ?string $columns = null,
        /** Where nothing in the list shows it. */
        #[OneOf(DayOrder::class)] public ?string $order = null,
        /** Code of the drill that the whole list is of; needed to add it. */
        #[Assert\Length(min: 1, max: 40)] public ?string $drill = null,
    ) {
    }

    /**
     * @return array<int, EntryColumn>|null null: guess
     */
    public function meanings(): ?array
    {
        return Meanings::read($this->columns, EntryColumn::class);
    }

    public function order(): ?DayOrder
    {
        return null === $this->order ? null : DayOrder::from($this->order);
    }
}
