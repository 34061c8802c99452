<?php

declare(strict_types=1);

namespace Zumbo\App\OwnGym\People;

/**
 * Who may sign in to the gym, and the links that are out.
 */
final readonly class PeopleView
{
    public function __construct(
        /** @var list<PersonView> by name */
        public array $people,
        /** @var list<LinkView> the newest first */
        public array $links,
    ) {
    }
}
