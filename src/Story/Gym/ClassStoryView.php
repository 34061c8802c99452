<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Gym;

use Zumbo\App\Shared\SentenceView;

/**
 * The months of the class, with its sentences.
 */
final readonly class ClassStoryView
{
    /**
     * @param list<ClassStoryRowView> $rows   who is stuck first, then by name
     * @param list<HelpView>          $helps  the cue that helps most often first
     * @param list<HelpView>          $drills the drill that helps most often first
     */
    public function __construct(
        public SentenceView $told,
        public string $on,
        public array $rows,
        public array $helps,
        public SentenceView $helpsSaid,
        public array $drills,
        public SentenceView $drillsSaid,
        public int $revision,
    ) {
    }
}
