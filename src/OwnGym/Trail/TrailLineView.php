<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Trail;

use Zumbo\App\Entity\Trail\TrailDeed;
use Zumbo\App\Shared\Trail\ChangeView;

/**
 * One thing that somebody did.
 */
final readonly class TrailLineView
{
    public function __construct(
        public string $id,
        public string $at,
        /** In the gym's time zone. */
        public string $localDay,
        /** Empty: nobody was signed in. */
        public string $by,
        /** What was changed, in words: "rope". */
        public string $what,
        /** Whose it was, or what it is called; empty: neither is known any more. */
        public string $name,
        public TrailDeed $deed,
        /** @var list<ChangeView> */
        public array $changes,
        /** It came with a file, which can say anything. */
        public bool $fromFile,
    ) {
    }
}
