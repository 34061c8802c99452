<?php

declare(strict_types=1);

namespace Zumbo\App\Shared\Home;

use Zumbo\App\Shared\BeatView;
use Zumbo\App\Shared\SentenceView;

/**
 * One thing to do at home.
 */
final readonly class HomeworkBlockView
{
    /**
     * @param list<BeatView> $beats empty: nothing with a beat of its own
     * @param list<string>   $items of a warm-up
     */
    public function __construct(
        public string $title,
        public int $seconds,
        public int $sets,
        public int $aim,
        public string $cue,
        public string $text,
        public array $beats,
        public array $items,
        public SentenceView $why,
    ) {
    }
}
