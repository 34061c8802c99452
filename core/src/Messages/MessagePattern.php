<?php

declare(strict_types=1);

namespace Zumbo\Core\Messages;

/**
 * An ICU message as written: which values it asks for. ICU itself prints a missing one as its name and says nothing.
 */
final class MessagePattern
{
    /**
     * @return list<string> names of the values, each once, as they come
     */
    public static function arguments(string $pattern): array
    {
        $names = [];
        foreach (self::braces($pattern) as $inside) {
            [$name, , $style] = explode(',', $inside, 3) + [1 => '', 2 => ''];
            $names[] = trim($name);
            // A plural or a choice holds messages of its own.
            foreach (self::braces($style) as $message) {
                $names = [...$names, ...self::arguments($message)];
            }
        }

        return array_values(array_unique($names));
    }

    /**
     * @return list<string> what stands in the outermost braces
     */
    private static function braces(string $text): array
    {
        preg_match_all('/\{((?:[^{}]|(?R))*)\}/', $text, $found);

        return $found[1];
    }
}
