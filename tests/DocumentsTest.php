<?php

declare(strict_types=1);

namespace Zumbo\App\Tests;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Calc\CommandLine;

/**
 * README and docs say what is true: links lead somewhere, verbs exist, computations shown really compute.
 */
final class DocumentsTest extends TestCase
{
    private const ROOT = __DIR__.'/..';

    public function testEveryLinkLeadsToAFile(): void
    {
        $links = 0;
        foreach (self::documents() as $path => $text) {
            preg_match_all('/\]\((?!http)([^)#]+)\)/', $text, $found);
            foreach ($found[1] as $link) {
                ++$links;
                self::assertFileExists(\dirname($path).'/'.$link, "$path links to $link");
            }
        }
        self::assertGreaterThan(8, $links);
    }

    public function testEveryVerbThatIsNamedExists(): void
    {
        $verbs = 0;
        foreach (self::documents() as $path => $text) {
            preg_match_all('#\./zumbo ([a-z]+)#', $text, $found);
            foreach ($found[1] as $verb) {
                ++$verbs;
                self::assertFileExists(
                    self::ROOT.('calc' === $verb ? '/core/bin/calc.php' : "/ops/$verb.sh"),
                    "$path names ./zumbo $verb",
                );
            }
        }
        self::assertGreaterThan(8, $verbs);
    }

    public function testEveryComputationShownInTheReadmeComputes(): void
    {
        preg_match_all('#^\./zumbo calc (.+)$#m', (string) file_get_contents(self::ROOT.'/README.md'), $found);
        self::assertNotSame([], $found[1]);
        foreach ($found[1] as $line) {
            $words = array_map(stripslashes(...), explode(' ', $line));
            self::assertSame(CommandLine::DONE, CommandLine::answer($words, null)->exit, $line);
        }
    }

    public function testEveryScreenshotIsShown(): void
    {
        $readme = (string) file_get_contents(self::ROOT.'/README.md');
        $pictures = glob(self::ROOT.'/docs/screenshots/*.png') ?: [];
        self::assertNotSame([], $pictures);
        self::assertLessThan(20, \count($pictures));
        foreach ($pictures as $picture) {
            self::assertStringContainsString('docs/screenshots/'.basename($picture), $readme);
        }
    }

    /**
     * @return iterable<string, string> path → text
     */
    private static function documents(): iterable
    {
        foreach (
            [
                self::ROOT.'/README.md',
                ...glob(self::ROOT.'/docs/*.md') ?: [],
                ...glob(self::ROOT.'/docs/*/*.md') ?: [],
            ] as $path
        ) {
            yield $path => (string) file_get_contents($path);
        }
    }
}
