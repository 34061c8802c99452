<?php

declare(strict_types=1);

namespace Zumbo\App\Story\Asked;

use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Messages\MessageCatalogue;

/**
 * A question that is ready to be asked.
 */
final readonly class BoxQuestionView
{
    private function __construct(public BoxQuestion $question, public string $asked)
    {
    }

    /**
     * @return list<self>
     */
    public static function all(): array
    {
        return array_map(
            static fn (BoxQuestion $one): self => new self($one, MessageCatalogue::in(LengthUnit::Centimetre)->sentence($one->asked())),
            BoxQuestion::cases(),
        );
    }
}
