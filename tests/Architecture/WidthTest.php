<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/**
 * A line of PHP can be read without scrolling. The formatter aims at 120 characters; a sentence of a test or a
 * call that would be worse in pieces may go on to 140.
 */
final class WidthTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';
    private const PLACES = ['bench', 'config', 'core', 'migrations', 'ops', 'public', 'src', 'tests'];
    private const WIDEST = 140;

    public function testNoLineIsTooWide(): void
    {
        $wide = [];
        $looked = 0;
        foreach (self::PLACES as $place) {
            foreach (self::phpFiles(self::ROOT.'/'.$place) as $file) {
                ++$looked;
                foreach (self::wideLines((string) file_get_contents($file)) as $line => $width) {
                    $wide[] = substr($file, \strlen(self::ROOT) + 1).':'.$line.' ('.$width.')';
                }
            }
        }
        self::assertSame([], $wide, 'lines over '.self::WIDEST.' characters');
        self::assertGreaterThan(600, $looked);
    }

    public function testAWideLineIsSeen(): void
    {
        $source = "<?php\n\n// ".str_repeat('é', 137)."\n// ".str_repeat('é', 138)."\n";
        self::assertSame([4 => 141], self::wideLines($source), 'characters count, not bytes');
    }

    /**
     * @return array<int, int> number of the line => its characters
     */
    private static function wideLines(string $source): array
    {
        $wide = [];
        foreach (explode("\n", $source) as $i => $line) {
            if (mb_strlen($line) > self::WIDEST) {
                $wide[$i + 1] = mb_strlen($line);
            }
        }

        return $wide;
    }

    /**
     * @return iterable<string>
     */
    private static function phpFiles(string $folder): iterable
    {
        $all = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS),
        );
        foreach ($all as $file) {
            \assert($file instanceof \SplFileInfo);
            if ('php' === $file->getExtension()) {
                yield $file->getPathname();
            }
        }
    }
}
