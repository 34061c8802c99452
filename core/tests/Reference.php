<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests;

/**
 * Reads the data in core/tests/reference, whose origin is told in the README there.
 */
final class Reference
{
    /**
     * @return array<mixed>
     */
    public static function file(string $name): array
    {
        $data = json_decode(
            (string) file_get_contents(__DIR__.'/reference/'.$name),
            true,
            32,
            \JSON_THROW_ON_ERROR,
        );
        \assert(\is_array($data));

        return $data;
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>}> inputs and outputs by id
     */
    public static function cases(string $file, string $function): iterable
    {
        $found = false;
        foreach (self::file($file)['cases'] as $case) {
            if ($case['fn'] === $function) {
                $found = true;
                yield $case['id'] => [$case['inputs'], $case['outputs']];
            }
        }
        if (!$found) {
            throw new \LogicException("no case of $function in $file");
        }
    }
}
