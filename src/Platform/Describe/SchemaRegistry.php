<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Describe;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\PropertyInfo\PropertyTypeExtractorInterface;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\Type\BackedEnumType;
use Symfony\Component\TypeInfo\Type\BuiltinType;
use Symfony\Component\TypeInfo\Type\CollectionType;
use Symfony\Component\TypeInfo\Type\NullableType;
use Symfony\Component\TypeInfo\Type\ObjectType;
use Symfony\Component\Validator\Constraints as Assert;

/**
 * JSON Schemas of DTO classes, read from their constructors: types, enums, and the limits that validation enforces.
 */
final class SchemaRegistry
{
    /** @var array<string, array<string, mixed>> by short class name */
    private array $schemas = [];

    public function __construct(
        #[Autowire(service: 'property_info')] private readonly PropertyTypeExtractorInterface $types,
    ) {
    }

    /**
     * @param class-string $class
     *
     * @return array{'$ref': string}
     */
    public function refer(string $class): array
    {
        $name = (new \ReflectionClass($class))->getShortName();
        if (!isset($this->schemas[$name])) {
            $this->schemas[$name] = [];
            $this->schemas[$name] = $this->describe($class);
        }

        return ['$ref' => '#/components/schemas/'.$name];
    }

    /**
     * @return array<string, array<string, mixed>>
     */
    public function all(): array
    {
        ksort($this->schemas);

        return $this->schemas;
    }

    /**
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    private function describe(string $class): array
    {
        $reflection = new \ReflectionClass($class);
        $defaults = [];
        foreach ($reflection->getConstructor()?->getParameters() ?? [] as $parameter) {
            $defaults[$parameter->getName()] = $parameter->isDefaultValueAvailable();
        }
        $properties = [];
        $required = [];
        foreach ($reflection->getProperties(\ReflectionProperty::IS_PUBLIC) as $property) {
            $properties[$property->getName()] = $this->property($class, $property);
            // What the server sends is always there; what a client may leave out has a default.
            if (!($defaults[$property->getName()] ?? false)) {
                $required[] = $property->getName();
            }
        }

        return [
            'type' => 'object',
            'properties' => $properties,
            'required' => $required,
            'additionalProperties' => false,
        ];
    }

    /**
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    public function property(string $class, \ReflectionProperty $property): array
    {
        $type = $this->types->getType($class, $property->getName());
        if (!$type instanceof Type) {
            throw new \LogicException(\sprintf('%s::$%s has no type', $class, $property->getName()));
        }

        return $this->limited($this->ofType($type), $property);
    }

    /**
     * @return array<string, mixed>
     */
    private function ofType(Type $type): array
    {
        if ($type instanceof NullableType) {
            $inner = $this->ofType($type->getWrappedType());

            return isset($inner['type'])
                ? ['type' => [$inner['type'], 'null']] + $inner
                : ['anyOf' => [$inner, ['type' => 'null']]];
        }
        if ($type instanceof CollectionType) {
            return ['type' => 'array', 'items' => $this->ofType($type->getCollectionValueType())];
        }
        if ($type instanceof BackedEnumType) {
            /** @var class-string<\BackedEnum> $enum */
            $enum = $type->getClassName();
            $name = (new \ReflectionClass($enum))->getShortName();
            $this->schemas[$name] = ['type' => 'string', 'enum' => array_column($enum::cases(), 'value')];

            return ['$ref' => '#/components/schemas/'.$name];
        }
        if ($type instanceof ObjectType) {
            /** @var class-string $class */
            $class = $type->getClassName();

            return $this->refer($class);
        }
        if ($type instanceof BuiltinType) {
            return [
                'type' => match ($type->getTypeIdentifier()->value) {
                    'string' => 'string',
                    'int' => 'integer',
                    'float' => 'number',
                    'bool' => 'boolean',
                    default => throw new \LogicException('no schema for '.$type),
                },
            ];
        }
        throw new \LogicException('no schema for '.$type);
    }

    /**
     * @return list<mixed>
     */
    private static function choices(Assert\Choice $constraint): array
    {
        $callback = $constraint->callback;
        $choices = \is_callable($callback) ? $callback() : $constraint->choices;

        return \is_array($choices) ? array_values($choices) : [];
    }

    /**
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private function limited(array $schema, \ReflectionProperty $property): array
    {
        foreach ($property->getAttributes() as $attribute) {
            $constraint = $attribute->newInstance();
            if ($constraint instanceof Assert\Choice) {
                $values = self::choices($constraint);
                if ($constraint->multiple) {
                    $schema['items'] = ['type' => 'string', 'enum' => $values];
                } else {
                    $schema['enum'] = \is_array($schema['type'] ?? null) ? [...$values, null] : $values;
                }
            }
            if ($constraint instanceof Assert\Length) {
                $schema += array_filter(
                    ['minLength' => $constraint->min, 'maxLength' => $constraint->max],
                    is_int(...),
                );
            }
            if ($constraint instanceof Assert\Range) {
                $schema += ['minimum' => $constraint->min, 'maximum' => $constraint->max];
            }
        }

        return $schema;
    }
}
