<?php

declare(strict_types=1);

namespace Zumbo\App\RopeDesk\Rack\Tonight;

use Zumbo\App\RopeDesk\Rack\PinView;
use Zumbo\App\Shared\SentenceView;

/**
 * What somebody gets from the rack tonight, and why; or why nothing.
 */
final readonly class GivenRopeView
{
    /**
     * @param non-empty-list<SentenceView> $reasons
     */
    public function __construct(
        public string $athleteId,
        /** First name: this is shown in the hall. */
        public string $firstName,
        public float $idealM,
        /** Null: none. */
        public ?string $rackRopeId,
        /** As written on the handle; null: none. */
        public ?string $tag,
        public ?float $cableLengthM,
        public array $reasons,
        /** The coach's word, when there is one. */
        public ?PinView $pin,
        /** What is written down for tonight, which may be another rope; null: nothing. */
        public ?string $writtenRopeId,
        /** Written down for tonight as it stands here. */
        public bool $handedOut,
    ) {
    }
}
