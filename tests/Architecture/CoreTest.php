<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The core knows the job and nothing else. Each rule is shown to bite by a fixture that breaks it.
 */
final class CoreTest extends TestCase
{
    private const SOURCE = __DIR__.'/../../core/src';

    public function testEveryFileOfTheCoreKeepsTheRules(): void
    {
        $problems = [];
        $files = 0;
        foreach (
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(self::SOURCE, \FilesystemIterator::SKIP_DOTS),
            ) as $path
        ) {
            ++$files;
            $relative = substr((string) $path, \strlen(self::SOURCE) + 1);
            $module = explode('/', $relative)[0];
            self::assertArrayHasKey($module, CoreRules::ARROWS, "$module is not in the table of modules");
            foreach (CoreFile::problems((string) file_get_contents((string) $path), $module) as $problem) {
                $problems[] = "$relative $problem";
            }
        }
        self::assertSame([], $problems);
        self::assertGreaterThan(50, $files, 'a guard that looks at nothing guards nothing');
    }

    public function testTheTableHasNoCycleAndNoDeadRow(): void
    {
        $done = [];
        $waiting = CoreRules::ARROWS;
        while ([] !== $waiting) {
            $free = array_keys(
                array_filter($waiting, static fn (array $known): bool => [] === array_diff($known, $done)),
            );
            self::assertNotSame([], $free, 'a cycle among '.implode(', ', array_keys($waiting)));
            $done = [...$done, ...$free];
            $waiting = array_diff_key($waiting, array_flip($free));
        }
        foreach ($done as $module) {
            self::assertDirectoryExists(self::SOURCE.'/'.$module);
        }
    }

    #[DataProvider('broken')]
    public function testARuleBites(string $module, string $body, string $problem): void
    {
        $problems = CoreFile::problems(
            "<?php\ndeclare(strict_types=1);\nnamespace Zumbo\\Core\\$module;\n$body",
            $module,
        );
        self::assertStringContainsString($problem, implode("\n", $problems));
    }

    /**
     * @return iterable<string, array{string, string, string}>
     */
    public static function broken(): iterable
    {
        yield 'an arrow backwards' => [
            'Body',
            'use Zumbo\Core\Rope\Handle; final class A { function f(Handle $h): void {} }',
            'Body may not know Rope',
        ];
        yield 'an arrow at the bottom' => [
            'Measure',
            'use Zumbo\Core\Stage\Stage; final class A { function f(Stage $s): void {} }',
            'Measure may not know Stage',
        ];
        yield 'a framework' => [
            'Rope',
            'use Symfony\Component\Uid\Uuid; final class A { function f(Uuid $u): void {} }',
            'imports Symfony\Component\Uid\Uuid',
        ];
        yield 'an unlisted module' => [
            'Rope',
            'use Zumbo\Core\Misc\B; final class A { function f(B $b): void {} }',
            'Misc is not in the table',
        ];
        yield 'the clock' => ['Rope', 'final class A { function f(): int { return time(); } }', 'time()'];
        yield 'the clock as an object' => [
            'Rope',
            'final class A { function f(): object { return new \DateTimeImmutable(); } }',
            'new DateTimeImmutable',
        ];
        yield 'chance' => ['Rope', 'final class A { function f(): int { return \random_int(1, 6); } }', 'random_int()'];
        yield 'the environment' => [
            'Rope',
            'final class A { function f(): string { return $_SERVER["X"]; } }',
            'superglobal $_SERVER',
        ];
        yield 'a file' => [
            'Rope',
            'final class A { function f(): void { \file_get_contents("x"); } }',
            'file_get_contents()',
        ];
        yield 'output' => ['Rope', 'final class A { function f(): void { echo 1; } }', 'touches the world outside'];
        yield 'an open class' => ['Rope', 'class A {}', 'A is not final'];
        yield 'a name that says nothing' => ['Rope', 'final class RopeHelper {}', 'RopeHelper says nothing'];
        yield 'a long method' => [
            'Rope',
            'final class A { function f(): void {'.str_repeat("\n", 41).'} }',
            'f() has 42 lines',
        ];
        yield 'a long file' => ['Rope', 'final class A {}'.str_repeat("\n", 301), 'more than 300 lines'];
    }

    public function testMissingStrictTypesAreNoticed(): void
    {
        self::assertSame(
            ['no strict_types'],
            CoreFile::problems("<?php\nnamespace Zumbo\\Core\\Rope;\nfinal class A {}", 'Rope'),
        );
    }
}
