<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Exchange;

use PHPUnit\Framework\TestCase;
use Zumbo\App\Exchange\Table\ExchangeSchema;

/**
 * What is published of the formats is what the definitions say.
 */
final class FormatsTest extends TestCase
{
    private const DOCS = __DIR__.'/../../docs/';

    public function testThePublishedSchemaIsTheGeneratedOne(): void
    {
        $published = json_decode(
            (string) file_get_contents(self::DOCS.'formats/zumbo-1.schema.json'),
            true,
            16,
            \JSON_THROW_ON_ERROR,
        );
        self::assertEquals(
            json_decode(json_encode(ExchangeSchema::schema(), \JSON_THROW_ON_ERROR), true),
            $published,
            'run ./zumbo console zumbo:describe-exchange schema > docs/formats/zumbo-1.schema.json',
        );
    }

    public function testEveryColumnIsDocumented(): void
    {
        self::assertStringContainsString(
            ExchangeSchema::columns(),
            (string) file_get_contents(self::DOCS.'formats.md'),
            'run ./zumbo console zumbo:describe-exchange columns',
        );
    }
}
