<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Gym\GymDatabase;

/**
 * The tags of the current gym. Whoever was removed keeps theirs: they may come back.
 */
final readonly class AthleteTags
{
    public function __construct(private GymDatabase $database)
    {
    }

    public function free(string $name): string
    {
        return Tag::free($name, array_fill_keys(array_keys($this->owners()), true));
    }

    /** As they are now, to give more of them. */
    public function given(): GivenTags
    {
        return new GivenTags($this->owners());
    }

    /**
     * @return array<string, string> athlete ids by tag
     */
    private function owners(): array
    {
        $owners = [];
        foreach ($this->database->rows('SELECT tag, HEX(id) AS id FROM athlete WHERE gym_id = :gym') as $row) {
            \assert(\is_string($row['tag']) && \is_string($row['id']));
            $owners[$row['tag']] = Uuid::fromBinary((string) hex2bin($row['id']))->toRfc4122();
        }

        return $owners;
    }
}
