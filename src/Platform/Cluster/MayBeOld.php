<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Cluster;

/**
 * Marks an answer of months that may be a second old: in a cluster it is read from another database than the one that is written to.
 * It carries the revision that it was read at, so that a screen which knows of a later one asks again.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class MayBeOld
{
}
