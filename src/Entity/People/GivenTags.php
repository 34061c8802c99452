<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\People;

use Symfony\Component\Uid\Uuid;

/**
 * The tags of a gym while many athletes are written one after the other: what one is given no other gets.
 */
final class GivenTags
{
    /**
     * @param array<string, string> $owners athlete ids by tag
     */
    public function __construct(private array $owners)
    {
    }

    /** The wanted one where nobody else has it; else the one they have, which is theirs for good; else one that is free. */
    public function keptOr(string $wanted, Uuid $athlete, string $name): string
    {
        $id = $athlete->toRfc4122();
        $own = array_search($id, $this->owners, true);
        $tag = Tag::isOne($wanted) && ($this->owners[$wanted] ?? $id) === $id
            ? $wanted
            : (false === $own ? Tag::free($name, array_fill_keys(array_keys($this->owners), true)) : $own);
        if (false !== $own) {
            unset($this->owners[$own]);
        }
        $this->owners[$tag] = $id;

        return $tag;
    }
}
