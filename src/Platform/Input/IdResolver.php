<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Input;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Problem\BadField;

/**
 * Ids in addresses and the two headers of a change: all made by the client, all UUID v7.
 */
#[AutoconfigureTag('controller.argument_value_resolver', ['priority' => 150])]
final class IdResolver implements ValueResolverInterface
{
    /**
     * @return iterable<UuidV7|WriteCondition>
     */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        if (WriteCondition::class === $argument->getType()) {
            return [
                WriteCondition::of(
                    self::read('Mutation-Id', $request->headers->get('Mutation-Id')),
                    self::version($request->headers->get('If-Match')),
                ),
            ];
        }
        if (UuidV7::class !== $argument->getType()) {
            return [];
        }
        $given = $request->attributes->get($argument->getName());

        return [self::read($argument->getName(), \is_string($given) ? $given : null)];
    }

    private static function read(string $field, ?string $given): UuidV7
    {
        if (null === $given || !UuidV7::isValid($given)) {
            throw BadField::of($field, $given, 'a UUID version 7, like 01934f2e-7a4c-7cc0-98c4-dc0c0c07398f');
        }

        return UuidV7::fromRfc4122($given);
    }

    private static function version(?string $given): int
    {
        if (null === $given || 1 !== preg_match('/^"?(\d{1,9})"?$/', $given, $found)) {
            throw BadField::of('If-Match', $given, 'the version you have seen, like "3"');
        }

        return (int) $found[1];
    }
}
