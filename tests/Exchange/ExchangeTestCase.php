<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Exchange;

use Zumbo\App\Tests\ApiTestCase;

/**
 * Brings files in and takes them out, with the worker's part done in between.
 */
abstract class ExchangeTestCase extends ApiTestCase
{
    /**
     * @return array<mixed> the import, read
     */
    protected function send_(string $file, string $type = 'application/json'): array
    {
        $id = self::id();
        $this->send('PUT', '/api/imports/'.$id, $file, ['Content-Type' => $type]);
        $this->assertStatus(201);
        self::workOff();

        return $this->send('GET', '/api/imports/'.$id);
    }

    /**
     * @param array<mixed> $import
     *
     * @return array<mixed>
     */
    protected function agreeTo(array $import): array
    {
        $this->send('POST', "/api/imports/{$import['id']}/agree", null, self::change($import['version']));
        $this->assertStatus(200);
        self::workOff();

        return $this->send('GET', '/api/imports/'.$import['id']);
    }

    /**
     * @return array{string, int} state and errors
     */
    protected function bringIn(string $file, string $type = 'application/json'): array
    {
        $import = $this->send_($file, $type);
        self::assertSame([], array_column($import['errors'], 'message'));
        $done = $this->agreeTo($import);

        return [$done['state'], $done['errorCount']];
    }

    protected function download(string $path): string
    {
        $this->send('GET', $path);
        $this->assertStatus(200);

        return $this->body();
    }
}
