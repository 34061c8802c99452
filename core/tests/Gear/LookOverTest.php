<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Gear;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Gear\LookOver;

/**
 * That ropes are looked over again is common practice, how often our assumption: no published source.
 */
final class LookOverTest extends TestCase
{
    public function testARopeOfManyHandsIsDueSoonerThanSomebodysOwn(): void
    {
        $last = new \DateTimeImmutable('2026-11-13');
        self::assertSame('2026-12-13', LookOver::ofShared($last)->nextOn?->format('Y-m-d'));
        self::assertSame('2027-02-13', LookOver::ofOwn($last)->nextOn?->format('Y-m-d'));
    }

    public function testItIsDueOnItsDayAndNotBefore(): void
    {
        $next = LookOver::ofShared(new \DateTimeImmutable('2026-11-13'));
        self::assertFalse($next->isDue(new \DateTimeImmutable('2026-12-12')));
        self::assertTrue($next->isDue(new \DateTimeImmutable('2026-12-13')));
        self::assertSame(
            ['last' => '2026-11-13', 'next' => '2026-12-13'],
            $next->verdict()->values,
        );
    }

    public function testARopeNobodyLookedAtIsDueAtOnce(): void
    {
        $never = LookOver::ofOwn(null);
        self::assertTrue($never->isDue(new \DateTimeImmutable('2026-11-13')));
        self::assertSame('inspect.never', $never->verdict()->code);
    }
}
