<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Numeric;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Numeric\BetaDistribution;
use Zumbo\Core\Numeric\NotSolvable;
use Zumbo\Core\Tests\Reference;

final class BetaDistributionTest extends TestCase
{
    public function testAgreesWithScipy(): void
    {
        foreach (Reference::file('special-functions.json')['beta'] as $row) {
            $beta = BetaDistribution::of((float) $row['alpha'], (float) $row['beta']);
            self::assertEqualsWithDelta($row['cdf'], $beta->cumulative((float) $row['x']), 1e-10);
            self::assertEqualsWithDelta($row['q10'], $beta->quantile(0.1), 1e-9);
            self::assertEqualsWithDelta($row['q975'], $beta->quantile(0.975), 1e-9);
        }
    }

    public function testMomentsAreThoseOfTheDefinition(): void
    {
        $beta = BetaDistribution::of(3, 2);
        self::assertEqualsWithDelta(3 / 5, $beta->moment(1), 1e-14);
        self::assertEqualsWithDelta(((3 / 5) * 4) / 6, $beta->moment(2), 1e-14);
        self::assertEqualsWithDelta(4 / 2, $beta->moment(-1), 1e-13, 'E[1/p] = (α+β−1)/(α−1)');
        self::assertSame(1.0, $beta->moment(0));
    }

    public function testChanceOfLyingBelowAnotherAgreesWithAnIntegral(): void
    {
        foreach (Reference::file('special-functions.json')['beta_below'] as $row) {
            $beta = BetaDistribution::of((float) $row['alpha'], (float) $row['beta']);
            self::assertEqualsWithDelta(
                $row['chance'],
                $beta->chanceBelow((int) $row['other_alpha'], (float) $row['other_beta']),
                1e-10,
            );
        }
    }

    public function testTheEndsOfTheRange(): void
    {
        $beta = BetaDistribution::of(3, 2);
        self::assertSame(0.0, $beta->cumulative(0.0));
        self::assertSame(1.0, $beta->cumulative(1.0));
    }

    public function testRefusesParametersThatAreNotAboveZero(): void
    {
        $this->expectException(NotSolvable::class);
        BetaDistribution::of(0, 1);
    }
}
