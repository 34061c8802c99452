<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Architecture;

use PHPUnit\Framework\TestCase;

final class AppArrowsTest extends TestCase
{
    private const SOURCE = __DIR__.'/../../src';

    /** A class that breaks a rule → the rule it breaks, as phpat names it. */
    private const BROKEN = [
        'PlatformThatKnowsASlice' => 'testPlatformKnowsNothingOfOurs',
        'PlatformThatKnowsAnEntity' => 'testPlatformKnowsNothingOfOurs',
        'PlatformThatKnowsTheCore' => 'testPlatformKnowsNothingOfOurs',
        'EntityThatKnowsASlice' => 'testEntitiesKnowTheCoreAndTheGymScopeOnly',
        'EntityThatKnowsInputs' => 'testEntitiesKnowTheCoreAndTheGymScopeOnly',
        'SharedThatKnowsASlice' => 'testSharedKnowsNoSlice',
        'RopeDeskThatKnowsDoctrine' => 'testOnlyPlatformAndEntityTouchTheDatabase',
        'SliceThatKnowsTheDemo' => 'testASliceKnowsNoOtherSets',
    ];

    public function testEveryFolderIsASliceInTheListOrKnownNotToBeOne(): void
    {
        $folders = array_map(basename(...), glob(self::SOURCE.'/*', \GLOB_ONLYDIR) ?: []);
        $known = [...AppArrows::SLICES, ...AppArrows::GROUND];
        sort($folders);
        sort($known);
        self::assertSame($known, $folders);
    }

    /** A mistyped namespace would pass silently in phpat: every rule must have classes to apply it to. */
    public function testEverySliceHasClasses(): void
    {
        foreach ([...AppArrows::SLICES, ...AppArrows::GROUND] as $folder) {
            $classes = [
                ...glob(self::SOURCE."/$folder/*.php") ?: [],
                ...glob(self::SOURCE."/$folder/*/*.php") ?: [],
            ];
            self::assertNotSame([], $classes, $folder);
        }
    }

    /** Runs the real PHPStan with the real rules over classes that break each of them. */
    public function testEveryRuleBites(): void
    {
        $root = \dirname(__DIR__, 2);
        exec(
            \sprintf(
                '%s -d memory_limit=1G %s analyse --no-progress --error-format=raw -c %s 2>/dev/null',
                escapeshellarg(\PHP_BINARY),
                escapeshellarg($root.'/vendor/bin/phpstan'),
                escapeshellarg(__DIR__.'/fixtures/phpstan.neon'),
            ),
            $lines,
        );
        foreach (self::BROKEN as $class => $rule) {
            self::assertBroken($lines, $class, $rule);
        }
        foreach (AppArrows::SLICES as $slice) {
            self::assertBroken($lines, $slice.'ThatKnowsAnother', 'testASliceKnowsNoOther'.$slice);
        }
    }

    /**
     * @param list<string> $lines of PHPStan
     */
    private static function assertBroken(array $lines, string $class, string $rule): void
    {
        $found = array_filter(
            $lines,
            static fn (string $line): bool => str_contains($line, $class) && str_contains($line, $rule),
        );
        self::assertNotSame([], $found, "$rule does not refuse $class");
    }
}
