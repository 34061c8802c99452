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
