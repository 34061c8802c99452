<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Interval;

use Zumbo\Core\Sets\Interval\IntervalPreset;

/**
 * An interval set that everybody jumps.
 */
final readonly class PresetView
{
    private function __construct(public string $title, public string $text)
    {
    }

    /**
     * @return list<self>
     */
    public static function all(): array
    {
        return array_map(static fn (IntervalPreset $one): self => new self($one->title(), $one->value), IntervalPreset::cases());
    }
}
