<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Notes;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\Evening\EveningNote;

/**
 * What is to be remembered of this evening.
 */
final readonly class NoteInput
{
    public function __construct(
        #[Assert\NotBlank(normalizer: 'trim')] #[Assert\Length(max: EveningNote::MOST_LETTERS)] public string $text,
    ) {
    }
}
