<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Sent;

/**
 * What became of something that a card sent.
 */
final readonly class CardSentView
{
    public function __construct(
        /** Its link was taken back after it was made: the coach decides. */
        public bool $aside,
    ) {
    }
}
