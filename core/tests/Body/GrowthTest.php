<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Body;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Body\Growth;
use Zumbo\Core\Measure\Length;
use Zumbo\Core\Measure\LengthUnit;
use Zumbo\Core\Messages\MessageCatalogue;

final class GrowthTest extends TestCase
{
    public function testTwoCentimetresOutgrowARopeOneDoesNot(): void
    {
        $then = Length::ofCentimetres(138);
        self::assertNull(Growth::since($then, Length::ofCentimetres(139)));
        self::assertNull(Growth::since($then, Length::ofCentimetres(130)), 'nobody shrinks out of a rope');
        $verdict = Growth::since($then, Length::ofCentimetres(142));
        self::assertNotNull($verdict);
        self::assertSame(
            'Grown 4 cm since the rope was sized at 138 cm: size it again.',
            MessageCatalogue::in(LengthUnit::Centimetre)->sentence($verdict),
        );
        self::assertNotNull(Growth::since($then, Length::ofCentimetres(140)));
    }
}
