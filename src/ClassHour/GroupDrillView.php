<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour;

use Zumbo\App\Shared\SentenceView;

/**
 * A fault that several of the class share, and the drill that they could do together.
 */
final readonly class GroupDrillView
{
    /**
     * @param list<string> $names first names
     */
    public function __construct(public string $fault, public SentenceView $said, public array $names, public string $drill)
    {
    }
}
