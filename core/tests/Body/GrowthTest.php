<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Body;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\Growth;
use Zumbo\Core\Measure\Length;

final class GrowthTest extends TestCase
{
    public function testFromTwoCentimetresOnATapeReadsAnotherHeight(): void
    {
        $then = Length::ofCentimetres(138);
        self::assertFalse(Growth::matters($then, Length::ofCentimetres(139)));
        self::assertTrue(Growth::matters($then, Length::ofCentimetres(140)));
        self::assertTrue(Growth::matters($then, Length::ofCentimetres(136)), 'a reading that was mended');
    }
}
