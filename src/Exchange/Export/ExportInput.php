<?php

declare(strict_types=1);

namespace Zumbo\App\Exchange\Export;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

/**
 * Of whom, and how; left out: the whole gym.
 */
final readonly class ExportInput
{
    public function __construct(
        #[Assert\Uuid(versions: [7])] public ?string $athlete = null,
        /** CSV with a byte order mark, by which some spreadsheet programs know UTF-8; left out: without. */
        #[Assert\Choice(choices: ['with', 'without'])] public ?string $mark = null,
    ) {
    }

    public function marked(): bool
    {
        return 'with' === $this->mark;
    }

    public function athlete(): ?Uuid
    {
        return null === $this->athlete ? null : Uuid::fromString($this->athlete);
    }
}
