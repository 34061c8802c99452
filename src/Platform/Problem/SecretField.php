<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Problem;

/**
 * A field of an input that nobody may read again, not even in a refusal: its parameter is marked #[\SensitiveParameter].
 */
final class SecretField
{
    /**
     * @param mixed  $root the input that was refused
     * @param string $path of the field in it, like "coach.password.again"
     */
    public static function isAt(mixed $root, string $path): bool
    {
        $steps = explode('.', $path);
        $last = array_pop($steps);
        foreach ($steps as $step) {
            $root = \is_object($root) ? get_object_vars($root)[$step] ?? null : null;
        }
        $constructor = \is_object($root) ? (new \ReflectionObject($root))->getConstructor() : null;
        foreach ($constructor?->getParameters() ?? [] as $parameter) {
            if ($parameter->getName() === $last) {
                return [] !== $parameter->getAttributes(\SensitiveParameter::class);
            }
        }

        return false;
    }
}
