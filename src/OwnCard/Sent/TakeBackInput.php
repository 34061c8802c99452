<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Sent;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\OwnCard\CardLinkInput;

/**
 * An entry that the athlete takes back, with the link it came by.
 */
final readonly class TakeBackInput
{
    public function __construct(
        #[Assert\Valid] public CardLinkInput $link,
        /** Made by the phone: sent twice, it counts once. */
        #[Assert\Uuid(versions: [7])] public string $mutationId,
    ) {
    }
}
