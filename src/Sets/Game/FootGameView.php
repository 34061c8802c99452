<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Game;

use Zumbo\App\Shared\SentenceView;
use Zumbo\Core\Drill\CountKind;

/**
 * A countdown or a pyramid by feet.
 */
final readonly class FootGameView
{
    /**
     * @param list<int> $hops of each foot, step by step
     */
    public function __construct(
        public string $athleteId,
        /** Under which it is logged. */
        public string $code,
        /** What is counted when it is logged. */
        public CountKind $countKind,
        public array $hops,
        public int $eachFoot,
        /** Of both feet. */
        public int $landings,
        public SentenceView $load,
    ) {
    }
}
