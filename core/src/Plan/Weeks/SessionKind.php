<?php

declare(strict_types=1);

namespace Zumbo\Core\Plan\Weeks;

/**
 * What a day of four weeks holds.
 */
enum SessionKind: string
{
    case InClass = 'class';
    /** In class, without jumping. */
    case ClassNoJump = 'class-no-jump';
    case Home = 'home';
    /** At home: hands, claps and beat. */
    case HomeNoJump = 'home-no-jump';

    public function isInClass(): bool
    {
        return self::InClass === $this || self::ClassNoJump === $this;
    }

    public function jumps(): bool
    {
        return self::InClass === $this || self::Home === $this;
    }
}
