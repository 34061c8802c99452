<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Gym;

/**
 * Marks every entity whose rows belong to one gym: its table has `gym_id` as the first column of its key.
 */
interface BelongsToGym
{
}
