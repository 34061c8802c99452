<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/**
 * One word for one place: what serves the same thing has the same name in the application and in the front end.
 */
final class RoomsTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    /** Slices without a screen of their own. */
    private const WITHOUT_SCREEN = ['Calc'];

    /** From here on a slice or a feature has folders. */
    private const MOST_FLAT = 16;

    public function testEveryFeatureHasASliceOfItsName(): void
    {
        $features = array_map(self::slice(...), self::folders('web/src/features'));
        $slices = array_values(array_diff(AppArrows::SLICES, self::WITHOUT_SCREEN));
        sort($features);
        sort($slices);
        self::assertSame($slices, $features);
    }

    public function testAFeaturesFoldersAreItsSlices(): void
    {
        $compared = 0;
        foreach (array_diff(AppArrows::SLICES, self::WITHOUT_SCREEN) as $slice) {
            $ours = self::folders('src/'.$slice);
            $theirs = array_diff(self::folders('web/src/features/'.self::feature($slice)), ['parts']);
            if ([] !== $ours && [] !== $theirs) {
                self::assertSame($ours, array_values(array_map(self::slice(...), $theirs)), $slice);
                ++$compared;
            }
        }
        self::assertSame(4, $compared, 'RopeDesk, Rhythm, ClassHour and Sets have folders on both sides');
    }

    public function testNoSliceAndNoFeatureLiesFlat(): void
    {
        foreach (['src' => 'php', 'web/src/features' => 'tsx', 'web/src/design' => 'tsx'] as $place => $kind) {
            $all = new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(self::ROOT.'/'.$place, \FilesystemIterator::SKIP_DOTS),
                \RecursiveIteratorIterator::SELF_FIRST,
            );
            $looked = 0;
            foreach ($all as $folder) {
                \assert($folder instanceof \SplFileInfo);
                $files = $folder->isDir() ? (glob($folder->getPathname().'/*.'.$kind) ?: []) : [];
                $files = array_filter($files, static fn (string $file): bool => !str_contains($file, '.test.'));
                self::assertLessThanOrEqual(self::MOST_FLAT, \count($files), $folder->getPathname());
                $looked += \count($files);
            }
            self::assertGreaterThan(20, $looked, $place);
        }
    }

    /**
     * @return list<string>
     */
    private static function folders(string $place): array
    {
        return array_map(basename(...), glob(self::ROOT.'/'.$place.'/*', \GLOB_ONLYDIR) ?: []);
    }

    /** rope-desk → RopeDesk. */
    private static function slice(string $feature): string
    {
        return str_replace(' ', '', ucwords(str_replace('-', ' ', $feature)));
    }

    private static function feature(string $slice): string
    {
        return strtolower((string) preg_replace('/(?<!^)[A-Z]/', '-$0', $slice));
    }
}
