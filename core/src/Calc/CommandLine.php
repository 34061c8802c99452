<?php

declare(strict_types=1);

namespace Zumbo\Core\Calc;

use Zumbo\Core\Calc\Answer\PlainText;
use Zumbo\Core\Calc\Field\BadInput;
use Zumbo\Core\Calc\Field\FieldKind;
use Zumbo\Core\Calc\Field\WavFiles;

/**
 * The command `calc NAME key=value … [--json]`: from its words to what it prints. Reading and printing itself is done
 * by core/bin/calc.php.
 */
final readonly class CommandLine
{
    public const DONE = 0;
    public const FAULT = 1;
    public const BAD_INPUT = 2;

    private function __construct(public int $exit, public string $out, public string $error)
    {
    }

    /**
     * @param list<string> $words after `calc`
     * @param string|null  $input standard input when `--json` came without any field, else null
     */
    public static function answer(array $words, ?string $input, ?WavFiles $files = null): self
    {
        try {
            $json = \in_array('--json', $words, true);
            $words = array_values(array_filter($words, static fn (string $word): bool => '--json' !== $word));
            $name = array_shift($words);
            if (null === $name) {
                return new self(self::DONE, self::listing(), '');
            }
            $raw =
                [] === $words && null !== $input && '' !== trim($input)
                    ? self::fromJson($input)
                    : self::fromWords($words);
            $out = null === $files ? null : $raw['out'] ?? null;
            if (\is_string($out)) {
                unset($raw['out']);
            }
            $result = Registry::run($name, self::opened($name, $raw, $files));
            if (\is_string($result['wav'] ?? null)) {
                $result['wav'] = \is_string($out)
                    ? self::written($result['wav'], $out, $files)
                    : ($json
                        ? $result['wav']
                        : 'add out=FILE.wav to write it');
            }

            return new self(self::DONE, $json ? self::json($result) : PlainText::of($result), '');
        } catch (BadInput $e) {
            return new self(self::BAD_INPUT, '', $e->getMessage()."\n");
        }
    }

    /**
     * The paths among the words, as the bytes of their files.
     *
     * @param array<int|string, mixed> $raw
     *
     * @return array<int|string, mixed>
     */
    private static function opened(string $name, array $raw, ?WavFiles $files): array
    {
        if (null === $files) {
            return $raw;
        }
        foreach (Registry::named($name)->fields() as $field) {
            $path = $raw[$field->name] ?? null;
            if (FieldKind::Wav === $field->kind && \is_string($path)) {
                $raw[$field->name] =
                    $files->read($path) ?? throw BadInput::of($field->name, $path, 'a file that can be read');
            }
        }

        return $raw;
    }

    private static function written(string $base64, string $path, ?WavFiles $files): string
    {
        return true === $files?->write($path, (string) base64_decode($base64, true))
            ? $path
            : throw BadInput::of('out', $path, 'a file that can be written');
    }

    /**
     * @return array<int|string, mixed>
     */
    private static function fromJson(string $input): array
    {
        $raw = json_decode($input, true, 32);
        if (!\is_array($raw) || ([] !== $raw && array_is_list($raw))) {
            throw BadInput::of('input', $input, 'a JSON object, like {"stature_m": 1.75}');
        }

        return $raw;
    }

    /**
     * @param list<string> $words
     *
     * @return array<string, mixed>
     */
    private static function fromWords(array $words): array
    {
        $raw = [];
        foreach ($words as $word) {
            if (!str_contains($word, '=') || str_starts_with($word, '=')) {
                throw BadInput::of('argument', $word, "key=value, like height=5'9\"");
            }
            [$key, $value] = explode('=', $word, 2);
            if (\array_key_exists($key, $raw)) {
                throw BadInput::of($key, $value, 'is given twice');
            }
            [$outer, $inner] = explode('.', $key, 2) + [1 => null];
            if (null === $inner) {
                $raw[$key] = $value;
            } else {
                $within = $raw[$outer] ?? [];
                $raw[$outer] = [$inner => $value] + (\is_array($within) ? $within : []);
            }
        }

        return $raw;
    }

    /**
     * @param array<string, mixed> $result
     */
    private static function json(array $result): string
    {
        return json_encode(
            $result,
            \JSON_THROW_ON_ERROR |
                \JSON_PRETTY_PRINT |
                \JSON_UNESCAPED_UNICODE |
                \JSON_UNESCAPED_SLASHES |
                \JSON_PRESERVE_ZERO_FRACTION,
        )."\n";
    }

    private static function listing(): string
    {
        $text = "calc NAME key=value … [--json], or calc NAME --json < input.json\n";
        foreach (Registry::all() as $calculation) {
            $text .= \sprintf("\n%s: %s\n", $calculation->name(), $calculation->summary());
            foreach ($calculation->fields() as $field) {
                $names = implode(' or ', [...$field->aliases, $field->name]);
                $default = null === $field->default ? '' : \sprintf(' (default %s)', $field->default);
                $text .= \sprintf(
                    "  %-32s %s%s%s\n",
                    $names,
                    $field->meaning,
                    $field->required ? ', needed' : '',
                    $default,
                );
            }
        }

        return $text;
    }
}
