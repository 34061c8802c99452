<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Sent;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\OwnCard\CardLinkInput;

/**
 * An entry with the link it comes by.
 */
final readonly class SentEntryInput
{
    public function __construct(
        #[Assert\Valid] public CardLinkInput $link,
        #[Assert\Valid] public CardEntryInput $entry,
    ) {
    }
}
