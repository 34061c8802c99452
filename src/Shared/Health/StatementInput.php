<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Health;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\Health\StatedBy;
use Zumbo\App\Platform\Input\OneOf;

/**
 * The athlete's own statement that a professional cleared them; of somebody under 18 their guardian's.
 */
final readonly class StatementInput
{
    public function __construct(
        #[OneOf(StatedBy::class)] public string $statedBy,
        /** Who cleared them: a name, or what they are. */
        #[Assert\NotBlank(normalizer: 'trim')] #[Assert\Length(max: 120)] public string $professional,
        /** On which day, like 2026-11-24. */
        #[Assert\NotBlank] #[Assert\Date] public string $on,
        /** In their own words. */
        #[Assert\NotBlank(normalizer: 'trim')] #[Assert\Length(max: 500)] public string $words,
        /** "I say this myself." */
        #[Assert\IsTrue] public bool $myself,
    ) {
    }

    public function day(): \DateTimeImmutable
    {
        return new \DateTimeImmutable($this->on.' 00:00:00', new \DateTimeZone('UTC'));
    }
}
