<?php

declare(strict_types=1);

namespace Zumbo\App\Tests;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use Symfony\Component\HttpFoundation\Response;

/**
 * Checks real answers against the committed API description, with an independent JSON Schema validator.
 */
final class DescribedApi
{
    public const FILE = __DIR__.'/../api/openapi.json';
    private const ID = 'https://zumbo.example/openapi.json';

    private static ?self $committed = null;
    private readonly Validator $validator;

    /** @var array<string, array<string, array<string, mixed>>> */
    private readonly array $paths;

    private function __construct(string $json)
    {
        $this->validator = new Validator();
        $this->validator->resolver()?->registerRaw($json, self::ID);
        $this->paths = json_decode($json, true, 64, \JSON_THROW_ON_ERROR)['paths'];
    }

    public static function committed(): self
    {
        return self::$committed ??= new self((string) file_get_contents(self::FILE));
    }

    public function check(string $method, string $path, Response $response): void
    {
        $template = $this->template(explode('?', $path)[0]);
        $content = (string) $response->getContent();
        if (null === $template || '' === $content) {
            return;
        }
        $method = strtolower($method);
        $status = (string) $response->getStatusCode();
        $key = isset($this->paths[$template][$method]['responses'][$status]) ? $status : 'default';
        $type = explode(';', (string) $response->headers->get('Content-Type'))[0];
        $pointer = array_map(static fn (string $part): string => strtr($part, ['~' => '~0', '/' => '~1']), [
            'paths',
            $template,
            $method,
            'responses',
            $key,
            'content',
            $type,
            'schema',
        ]);
        Assert::assertArrayHasKey($method, $this->paths[$template], "$method $template is not described");
        Assert::assertArrayHasKey(
            $type,
            $this->paths[$template][$method]['responses'][$key]['content'] ?? [],
            "$type is not described for $method $template $status",
        );
        if (!str_ends_with($type, 'json')) {
            return;
        }
        $result = $this->validator->validate(
            json_decode($content, false, 64, \JSON_THROW_ON_ERROR),
            self::ID.'#/'.implode('/', array_map(rawurlencode(...), $pointer)),
        );
        $error = $result->error();
        Assert::assertTrue(
            $result->isValid(),
            null === $error ? '' : "$method $template: ".json_encode((new ErrorFormatter())->format($error)),
        );
    }

    private function template(string $path): ?string
    {
        foreach (array_keys($this->paths) as $template) {
            $pattern = '#^'.preg_replace('#\\\\\{\w+\\\\\}#', '[^/]+', preg_quote($template, '#')).'$#';
            if (1 === preg_match($pattern, $path)) {
                return $template;
            }
        }

        return null;
    }
}
