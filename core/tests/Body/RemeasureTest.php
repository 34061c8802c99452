<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Body;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\Remeasure;

final class RemeasureTest extends TestCase
{
    /** Common practice; the months are our assumption. */
    #[TestWith([2018, 6])]
    #[TestWith([2013, 3])]
    #[TestWith([2011, 3])]
    #[TestWith([2010, 6])]
    #[TestWith([2008, 6])]
    #[TestWith([2007, null])]
    #[TestWith([null, null])]
    public function testWhoGrowsIsMeasuredAgain(?int $birthYear, ?int $months): void
    {
        self::assertSame($months, Remeasure::everyMonths($birthYear, 2026)?->months);
    }

    public function testTheReminderComesWhenItIsDue(): void
    {
        $every = Remeasure::everyMonths(2012, 2026);
        self::assertNull($every?->reminder(2));
        self::assertSame(['months' => 3, 'every' => 3], $every?->reminder(3)?->values);
    }
}
