<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Platform;

use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;
use Zumbo\App\Tests\DescribedApi;

/**
 * The API description for those who build on it.
 */
final class DescriptionApiTest extends ApiTestCase
{
    /** What a screen asks for again and again is not sent again while it is the same. */
    public function testEveryReadHasATag(): void
    {
        $this->signInto();
        $this->send('GET', '/api/cut-sheet');
        $tag = (string) $this->response()->headers->get('ETag');
        self::assertStringContainsString('private', (string) $this->response()->headers->get('Cache-Control'));
        $this->send('GET', '/api/cut-sheet', null, ['If-None-Match' => $tag]);
        $this->assertStatus(304);
        self::assertSame('', $this->body());
        $this->newAthlete();
        foreach (['/api/people', '/api/notes', '/api/trail', '/api/order-list', '/api/first-ropes'] as $path) {
            $this->send('GET', $path);
            self::assertNotSame('', (string) $this->response()->headers->get('ETag'), $path);
        }
        $written = $this->send('PUT', '/api/notes/'.self::id(), ['text' => 'a write has none']);
        self::assertNotSame([], $written);
        self::assertNull($this->response()->headers->get('ETag'));
    }

    public function testItIsServedAndKept(): void
    {
        $this->signInto(role: Role::Helper);
        $this->send('GET', '/api/openapi.json');
        $this->assertStatus(200);
        self::assertSame((string) file_get_contents(DescribedApi::FILE), $this->body());
        $tag = (string) $this->response()->headers->get('ETag');
        self::assertNotSame('', $tag);
        $this->send('GET', '/api/openapi.json', null, ['If-None-Match' => $tag]);
        $this->assertStatus(304);
    }
}
