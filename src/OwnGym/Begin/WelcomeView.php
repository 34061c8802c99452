<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\Begin;

/**
 * What can be done here by whoever is not signed in.
 */
final readonly class WelcomeView
{
    public function __construct(
        /** The demo's; null: there is none to look around in. */
        public ?DemoSignInView $demo,
        /** There is no gym but the demo: the first one can be made with the code that the start command printed. */
        public bool $firstGym,
    ) {
    }
}
