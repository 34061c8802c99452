<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Ops;

use PHPUnit\Framework\TestCase;

/**
 * What only a running instance shows. It has a database, ports and programs of its own; all classes share it, since it takes
 * seconds to start.
 */
abstract class InstanceTestCase extends TestCase
{
    private static bool $runs = false;

    public static function setUpBeforeClass(): void
    {
        if (self::$runs) {
            return;
        }
        self::$runs = true;
        register_shutdown_function(static fn (): array => self::instance('stop_web; stop_database; stop_supervisor'));
        [$exit, $out] = self::instance(
            <<<'SH'
                make_run_place
                use_instance kill
                start_database
                # Whatever a run that was broken off has left.
                database_sql -e 'DROP DATABASE IF EXISTS zumbo'
                ensure_schema zumbo >/dev/null
                run_logged kill-migrate console doctrine:migrations:migrate -n --allow-no-migration
                FIRST_WEB_PORT=19080
                start_web ''
                SH,
            own: false,
        );
        self::assertSame(0, $exit, $out);
    }

    /**
     * @return array{int, string} exit code, and all it said
     */
    protected static function instance(string $script, bool $own = true, bool $strict = true): array
    {
        $root = \dirname(__DIR__, 2);
        $prelude = 'export ZUMBO_ROOT='.escapeshellarg($root)." APP_ENV=prod\nunset ZUMBO_NOW DATABASE_URL\n"
            ."for part in base packages build instance mariadb web supervise left_over backup; do\n"
            .". \"\$ZUMBO_ROOT/ops/lib/\$part.sh\"; done\n"
            .($own ? "use_instance kill\nWEB_USER=\"\$(service_user www-data)\"\n" : '')
            .($strict ? '' : "set +e\n");
        $file = tempnam(sys_get_temp_dir(), 'zumbo');
        file_put_contents($file, $prelude.$script);
        exec('bash '.escapeshellarg($file).' 2>&1 </dev/null', $lines, $exit);
        unlink($file);

        return [$exit, implode('', array_map(static fn (string $line): string => $line."\n", $lines))];
    }
}
