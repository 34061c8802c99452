<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack\Tonight;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\Core\Rope\School;

/**
 * Whom the rack is to serve tonight, and by which school.
 */
final readonly class TonightInput
{
    public const WITHOUT = 'without';
    public const EVERYBODY = 'everybody';

    public function __construct(
        /** Those without a sound rope of their own, or everybody who is here. */
        #[Assert\Choice(choices: [self::WITHOUT, self::EVERYBODY])] public string $who = self::WITHOUT,
        /** One for all; left out: each by their own. */
        #[OneOf(School::class)] public ?string $school = null,
    ) {
    }

    public function everybody(): bool
    {
        return self::EVERYBODY === $this->who;
    }

    public function school(): ?School
    {
        return null === $this->school ? null : School::from($this->school);
    }
}
