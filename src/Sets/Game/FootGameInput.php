<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Game;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\Core\Sets\Game\FootGame;

/**
 * Hops on one foot, then on the other.
 */
final readonly class FootGameInput
{
    public function __construct(
        /** Down from the number to 1, or up to it and down again. */
        #[Assert\Choice(choices: ['countdown', 'pyramid'])] public string $kind = 'countdown',
        #[Assert\Range(min: 1, max: FootGame::MOST_TOP)] public int $top = 5,
    ) {
    }

    public function game(): FootGame
    {
        return 'pyramid' === $this->kind ? FootGame::pyramid($this->top) : FootGame::countdown($this->top);
    }
}
