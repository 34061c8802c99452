<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Asked;

use Zumbo\App\Shared\SentenceView;

/**
 * The answer to a question: a sentence, and who is in it.
 */
final readonly class BoxAnswerView
{
    /**
     * @param list<BoxRowView> $rows the longest bar first
     */
    public function __construct(
        public BoxQuestion $question,
        public string $asked,
        public SentenceView $answer,
        public array $rows,
        public int $revision,
    ) {
    }
}
