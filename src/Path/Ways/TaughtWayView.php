<?php

declare(strict_types=1);

namespace Zumbo\App\Path\Ways;

use Zumbo\Core\Method\WayKind;
use Zumbo\Core\Method\Ways;
use Zumbo\Core\Method\WayTable;

/**
 * A question that schools answer differently, and what is answered here.
 */
final readonly class TaughtWayView
{
    /**
     * @param list<WayOptionView> $options the first is what is usual
     */
    private function __construct(
        public WayKind $question,
        /** As a coach is asked. */
        public string $asked,
        /** What is in force. */
        public string $answer,
        /** Whether it was chosen here: by the gym, or for this athlete; else it comes from elsewhere. */
        public bool $chosenHere,
        public array $options,
    ) {
    }

    /**
     * @param array<string, string> $chosen answers of this gym, or for this athlete, by question
     *
     * @return list<self>
     */
    public static function all(Ways $ways, array $chosen): array
    {
        return array_map(static fn (WayKind $kind): self => new self(
            $kind,
            WayTable::asked($kind),
            $ways->answer($kind),
            isset($chosen[$kind->value]),
            array_map(static fn (string $answer): WayOptionView => WayOptionView::of($kind, $answer), $kind->answers()),
        ), WayKind::cases());
    }
}
