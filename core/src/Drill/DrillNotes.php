<?php

declare(strict_types=1);

namespace Zumbo\Core\Drill;

/**
 * What a coach reads of a drill before teaching it.
 */
final readonly class DrillNotes
{
    /**
     * @param list<Equipment> $needs
     * @param list<string>    $fixes codes of faults that it is given for
     */
    public function __construct(
        public string $how,
        public string $watch,
        public string $mistake,
        public array $needs,
        public array $fixes,
        /** Code of a neighbour; null: there is none. */
        public ?string $easier,
        public ?string $harder,
        /** Empty: none beside the usual ones. */
        public string $caution,
    ) {
    }

    public function teaching(string $how): self
    {
        return new self(
            $how,
            $this->watch,
            $this->mistake,
            $this->needs,
            $this->fixes,
            $this->easier,
            $this->harder,
            $this->caution,
        );
    }
}
