<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Live;

use Symfony\Component\Uid\Uuid;

/**
 * Tells a gym's screens that something changed. A hint only: the database is the truth, and a lost hint costs a question.
 */
interface Hints
{
    /** @param string|null $kind of row the change is about, as the feed of changes names it; null: they have to ask */
    public function changed(Uuid $gym, int $revision, ?string $kind): void;
}
