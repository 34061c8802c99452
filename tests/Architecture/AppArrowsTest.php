<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Architecture;

use PHPUnit\Framework\TestCase;

final class AppArrowsTest extends TestCase
{
    private const SOURCE = __DIR__.'/../../src';
    private const NO_SLICES = ['Platform', 'Record', 'Demo'];

    public function testEveryFolderIsASliceInTheListOrKnownNotToBeOne(): void
    {
        $folders = array_map(basename(...), glob(self::SOURCE.'/*', \GLOB_ONLYDIR) ?: []);
        $known = [...AppArrows::SLICES, ...self::NO_SLICES];
        sort($folders);
        sort($known);
        self::assertSame($known, $folders);
    }

    /** A mistyped namespace would pass silently in phpat: every slice must have its rule, and classes to apply it to. */
    public function testEverySliceHasClassesAndARuleOfItsOwn(): void
    {
        foreach (AppArrows::SLICES as $slice) {
            self::assertNotSame([], glob(self::SOURCE."/$slice/*.php"), $slice);
        }
        $alone = array_filter(get_class_methods(AppArrows::class), static fn (string $method): bool => str_contains($method, 'NoOtherSlice'));
        self::assertCount(\count(AppArrows::SLICES), $alone);
    }

    /** Runs the real PHPStan with the real rules over classes that break each of them. */
    public function testEveryRuleBites(): void
    {
        $root = \dirname(__DIR__, 2);
        exec(\sprintf('%s -d memory_limit=1G %s analyse --no-progress --error-format=raw -c %s 2>/dev/null', escapeshellarg(\PHP_BINARY), escapeshellarg($root.'/vendor/bin/phpstan'), escapeshellarg(__DIR__.'/fixtures/phpstan.neon')), $lines);
        $found = implode("\n", $lines);
        foreach (['RecordThatKnowsASlice', 'PlatformThatKnowsASlice', 'AthletesThatKnowRopes', 'RopesThatKnowCalcHttp', 'CalcHttpThatKnowsAthletes', 'RopesThatKnowDoctrine'] as $class) {
            self::assertStringContainsString($class, $found);
        }
    }
}
