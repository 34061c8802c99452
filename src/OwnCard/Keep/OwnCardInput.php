<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Keep;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Entity\Card\CardHolder;
use Zumbo\App\Platform\Input\OneOf;
use Zumbo\App\Shared\Access\LinkSecret;

/**
 * A private link to an athlete's own card: its secret is made by the device that hands it out.
 */
final readonly class OwnCardInput
{
    public const USUAL_DAYS = 90;
    private const MOST_DAYS = 365;

    public function __construct(
        #[Assert\Uuid(versions: [7])] public string $athleteId,
        #[\SensitiveParameter]
        #[Assert\Regex(LinkSecret::PATTERN, message: LinkSecret::FORM)]
        public string $secret,
        #[OneOf(CardHolder::class)] public string $holder = 'athlete',
        /** How long it holds. */
        #[Assert\Range(min: 1, max: self::MOST_DAYS)] public int $days = self::USUAL_DAYS,
    ) {
    }
}
