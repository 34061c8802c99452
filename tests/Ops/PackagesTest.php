<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Ops;

use PHPUnit\Framework\TestCase;

/**
 * The same code on every machine: what is installed is what packages.lst says, to the last digit.
 */
final class PackagesTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    public function testWhatIsInstalledIsWhatTheListSays(): void
    {
        [$exit, $out] = self::bash('./zumbo packages');
        self::assertSame('the installed packages are those of packages.lst', $out);
        self::assertSame(0, $exit);
    }

    public function testADifferenceIsNamed(): void
    {
        $script = <<<'SH'
            export ZUMBO_ROOT=$PWD; . ops/lib/base.sh; . ops/lib/build.sh
            cd "$(mktemp -d)"; printf 'a/one 1.0\nb/two 2.0 dev\n' > packages.lst
            installed_packages() { printf 'a/one 1.1\n'; }
            check_packages && echo same
            installed_packages() { printf 'a/one 1.0\n'; }
            check_packages && echo same without tests
            check_packages dev || echo tests are missing
            SH;
        [, $out] = self::bash($script);
        self::assertStringContainsString("< a/one 1.0\n---\n> a/one 1.1\nsame without tests\n", $out);
        self::assertStringContainsString("< b/two 2.0 dev\ntests are missing", $out);
    }

    public function testEveryDirectPackageIsPinnedToTheSameVersion(): void
    {
        $composer = json_decode((string) file_get_contents(self::ROOT.'/composer.json'), true);
        self::assertIsArray($composer);
        $listed = [];
        foreach (file(self::ROOT.'/packages.lst', \FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            [$name, $version] = explode(' ', $line);
            $listed[$name] = ltrim($version, 'v');
        }
        $pinned = array_filter(
            $composer['require'] + $composer['require-dev'],
            static fn (string $name): bool => str_contains($name, '/'),
            \ARRAY_FILTER_USE_KEY,
        );
        self::assertGreaterThan(20, \count($pinned));
        self::assertSame($pinned, array_intersect_key(array_replace($pinned, $listed), $pinned));
    }

    /**
     * @return array{int, string}
     */
    private static function bash(string $script): array
    {
        exec('cd '.escapeshellarg(self::ROOT).' && bash -c '.escapeshellarg($script).' 2>&1 </dev/null', $lines, $exit);

        return [$exit, implode("\n", $lines)];
    }
}
