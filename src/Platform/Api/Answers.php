<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Api;

/**
 * What an action answers: the view (or a list of it), for the API description.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class Answers
{
    /**
     * @param class-string|null $view    null: nothing, 204
     * @param bool              $creates whether it may answer 201 beside 200
     * @param string            $says    what the route is for, in one sentence
     * @param string|null       $file    media type of a file that is answered instead of a view
     * @param class-string|null $tells   what is told through the live channel because of it
     */
    public function __construct(
        public ?string $view,
        public bool $list = false,
        public bool $creates = false,
        public ?string $file = null,
        public ?string $tells = null,
        public string $says = '',
    ) {
    }
}
