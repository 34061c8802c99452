<?php

declare(strict_types=1);

namespace Zumbo\App\Calc;

use Zumbo\App\Platform\Describe\DescribesPaths;
use Zumbo\Core\Calc\Field\Field;
use Zumbo\Core\Calc\Field\FieldKind;
use Zumbo\Core\Calc\Registry;

/**
 * The computations of the core in the API description, from the same definitions that the command line uses.
 */
final class CalcPaths implements DescribesPaths
{
    public function paths(): array
    {
        $paths = [];
        foreach (Registry::all() as $calculation) {
            $body = self::object($calculation->fields());
            $paths['/api/calc/'.$calculation->name()]['post'] = [
                'operationId' => 'calc'.str_replace(' ', '', ucwords(str_replace('-', ' ', $calculation->name()))),
                'summary' => $calculation->summary(),
                'requestBody' => ['required' => true, 'content' => ['application/json' => ['schema' => $body]]],
                'responses' => [
                    '200' => [
                        'description' => 'the result',
                        'content' => ['application/json' => ['schema' => ['type' => 'object']]],
                    ],
                    'default' => [
                        'description' => 'refused, with the reason',
                        'content' => [
                            'application/problem+json' => ['schema' => ['$ref' => '#/components/schemas/Problem']],
                        ],
                    ],
                ],
            ];
        }

        return $paths;
    }

    /**
     * @param list<Field> $fields
     *
     * @return array<string, mixed>
     */
    private static function object(array $fields): array
    {
        $properties = [];
        $required = [];
        foreach ($fields as $field) {
            $properties[$field->name] = self::schema($field) + ['description' => $field->meaning];
            foreach ($field->aliases as $alias) {
                $properties[$alias] = [
                    'type' => ['string', 'number'],
                    'description' => $field->meaning.', with its unit; instead of '.$field->name,
                ];
            }
            if ($field->required && [] === $field->aliases) {
                $required[] = $field->name;
            }
        }

        return ['type' => 'object', 'properties' => $properties] +
            ([] === $required ? [] : ['required' => $required]) + ['additionalProperties' => false];
    }

    /**
     * @return array<string, mixed>
     */
    private static function schema(Field $field): array
    {
        $number = [
            'type' => $field->whole ? 'integer' : 'number',
            'minimum' => $field->least,
            'maximum' => $field->most,
        ];

        return match ($field->kind) {
            FieldKind::Length, FieldKind::Number => $number,
            FieldKind::Numbers => ['type' => 'array', 'items' => $number],
            FieldKind::Choices => ['type' => 'array', 'items' => ['type' => 'string', 'enum' => $field->choices]],
            FieldKind::Text => ['type' => 'string', 'maxLength' => (int) $field->most],
            FieldKind::Wav => ['type' => 'string', 'contentEncoding' => 'base64', 'contentMediaType' => 'audio/wav'],
            FieldKind::Rows => ['type' => 'array', 'items' => self::object($field->fields)],
            FieldKind::Table => [
                'type' => 'array',
                'items' => ['type' => 'array', 'items' => ['anyOf' => [$number, ['type' => 'null']]]],
            ],
            FieldKind::Record => self::object($field->fields),
            FieldKind::Choice => ['type' => 'string', 'enum' => $field->choices],
            FieldKind::LengthsByName => [
                'type' => 'object',
                'properties' => array_fill_keys($field->choices, $number),
                'additionalProperties' => false,
            ],
        };
    }
}
