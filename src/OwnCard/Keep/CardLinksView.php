<?php

declare(strict_types=1);

namespace Zumbo\App\OwnCard\Keep;

/**
 * The links to an athlete's own card, and what waits for a decision.
 */
final readonly class CardLinksView
{
    /**
     * @param list<CardLinkView> $cards not taken back, the oldest first
     * @param list<AsideView>    $aside the oldest first
     */
    public function __construct(
        public array $cards,
        public array $aside,
        /** Under 18: the guardian's card is offered first. */
        public bool $minor,
        public string $gymId,
    ) {
    }
}
