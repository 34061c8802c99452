<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Job;

use Symfony\Component\Serializer\Encoder\JsonEncode;
use Symfony\Component\Serializer\SerializerInterface;

/**
 * What a job was asked for and what came of it, as they stand in the table: JSON of a DTO each.
 */
final readonly class JobCodec
{
    private const OPTIONS = \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION;

    public function __construct(private SerializerInterface $serializer)
    {
    }

    public function write(object $dto): string
    {
        return $this->serializer->serialize($dto, 'json', [JsonEncode::OPTIONS => self::OPTIONS]);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    public function read(string $json, string $class): object
    {
        $read = $this->serializer->deserialize($json, $class, 'json');

        return $read instanceof $class ? $read : throw new \LogicException("a job holds no $class");
    }
}
