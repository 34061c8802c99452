<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Sent;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\OwnCard\CardLinkInput;
use Zumbo\App\Platform\Clock\PastInstant;
use Zumbo\Core\Load\SessionRating;

/**
 * How hard a session felt, as the athlete says it on their own card.
 */
final readonly class CardEffortInput
{
    public function __construct(
        #[Assert\Valid] public CardLinkInput $link,
        /** Made by the phone: sent twice, it counts once. */
        #[Assert\Uuid(versions: [7])] public string $id,
        /** From 0, none at all, to 10, the hardest there is. */
        #[Assert\Range(min: 0, max: SessionRating::HARDEST)] public int $effort,
        #[Assert\Range(min: 1, max: SessionRating::LONGEST_MIN)] public int $minutes,
        #[Assert\Regex(PastInstant::PATTERN, message: PastInstant::EXAMPLE)] public string $at,
    ) {
    }

    /**
     * @return list<string|int> what is said, without the link it comes by
     */
    public function said(): array
    {
        return [$this->effort, $this->minutes, $this->at];
    }
}
