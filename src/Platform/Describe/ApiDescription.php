<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Describe;

use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\Routing\Route;
use Symfony\Component\Routing\RouterInterface;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Input\FromBody;
use Zumbo\App\Platform\Input\FromQuery;
use Zumbo\App\Platform\Input\WriteCondition;

/**
 * The OpenAPI 3.1 description of the API, made from routes, controllers and DTOs.
 */
final readonly class ApiDescription
{
    /**
     * @param iterable<DescribesPaths> $described
     */
    public function __construct(
        private RouterInterface $router,
        private SchemaRegistry $schemas,
        #[AutowireIterator('zumbo.described_paths')] private iterable $described,
    ) {
    }

    /**
     * @return array<string, mixed>
     */
    public function describe(): array
    {
        $paths = [];
        foreach ($this->described as $others) {
            $paths += $others->paths();
        }
        foreach ($this->router->getRouteCollection() as $route) {
            $action = self::action($route);
            $answers = null === $action ? null : ($action->getAttributes(Answers::class)[0] ?? null)?->newInstance();
            if (null === $action || null === $answers) {
                continue;
            }
            foreach ($route->getMethods() as $method) {
                $paths[$route->getPath()][strtolower($method)] = $this->operation($action, $answers);
            }
        }
        ksort($paths);

        return [
            'openapi' => '3.1.0',
            'info' => [
                'title' => 'Zumbo',
                'version' => '1',
                'description' => 'Generated from the DTOs by bin/console zumbo:describe-api; do not edit.',
            ],
            'paths' => $paths,
            'components' => ['schemas' => ['Problem' => self::problem()] + $this->schemas->all()],
        ];
    }

    private static function action(Route $route): ?\ReflectionMethod
    {
        $controller = $route->getDefault('_controller');
        if (!\is_string($controller) || !str_starts_with($controller, 'Zumbo\\App\\')) {
            return null;
        }
        [$class, $method] = explode('::', $controller, 2) + [1 => '__invoke'];

        return new \ReflectionMethod($class, $method);
    }

    /**
     * @return array<string, mixed>
     */
    private function operation(\ReflectionMethod $action, Answers $answers): array
    {
        $operation = [
            'operationId' => lcfirst(str_replace('Controller', '', $action->getDeclaringClass()->getShortName())).
                ('__invoke' === $action->getName() ? '' : ucfirst($action->getName())),
        ];
        $parameters = [];
        foreach ($action->getParameters() as $parameter) {
            $type = $parameter->getType();
            $class = $type instanceof \ReflectionNamedType && !$type->isBuiltin() ? $type->getName() : null;
            if (UuidV7::class === $class) {
                $parameters[] = [
                    'name' => $parameter->getName(),
                    'in' => 'path',
                    'required' => true,
                    'schema' => ['type' => 'string', 'format' => 'uuid'],
                ];
            } elseif (WriteCondition::class === $class) {
                $parameters[] = [
                    'name' => 'Mutation-Id',
                    'in' => 'header',
                    'required' => true,
                    'schema' => ['type' => 'string', 'format' => 'uuid'],
                ];
                $parameters[] = [
                    'name' => 'If-Match',
                    'in' => 'header',
                    'required' => true,
                    'schema' => ['type' => 'string'],
                ];
            } elseif (null !== $class && [] !== $parameter->getAttributes(FromBody::class)) {
                /** @var class-string $class */
                $operation['requestBody'] = [
                    'required' => true,
                    'content' => ['application/json' => ['schema' => $this->schemas->refer($class)]],
                ];
            } elseif (null !== $class && [] !== $parameter->getAttributes(FromQuery::class)) {
                /** @var class-string $class */
                $parameters = [...$parameters, ...$this->query($class)];
            }
        }

        return $operation +
            ([] === $parameters ? [] : ['parameters' => $parameters]) + ['responses' => $this->responses($answers)];
    }

    /**
     * @param class-string $class
     *
     * @return list<array<string, mixed>>
     */
    private function query(string $class): array
    {
        $parameters = [];
        foreach ((new \ReflectionClass($class))->getProperties(\ReflectionProperty::IS_PUBLIC) as $property) {
            $parameters[] = [
                'name' => $property->getName(),
                'in' => 'query',
                'schema' => $this->schemas->property($class, $property),
            ];
        }

        return $parameters;
    }

    /**
     * @return array<int|string, mixed> by status
     */
    private function responses(Answers $answers): array
    {
        $problem = [
            'description' => 'refused, with the reason',
            'content' => ['application/problem+json' => ['schema' => ['$ref' => '#/components/schemas/Problem']]],
        ];
        if (null !== $answers->file) {
            return [
                '200' => [
                    'description' => 'the file',
                    'content' => [
                        $answers->file => [
                            'schema' => ['type' => 'application/json' === $answers->file ? 'object' : 'string'],
                        ],
                    ],
                ],
                'default' => $problem,
            ];
        }
        if (null === $answers->view) {
            return ['204' => ['description' => 'done'], 'default' => $problem];
        }
        $schema = $this->schemas->refer($answers->view);
        $content = [
            'application/json' => ['schema' => $answers->list ? ['type' => 'array', 'items' => $schema] : $schema],
        ];

        return [
            '200' => ['description' => $answers->creates ? 'was there already' : 'the answer', 'content' => $content],
        ] +
            ($answers->creates ? ['201' => ['description' => 'new', 'content' => $content]] : []) + [
                'default' => $problem,
            ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function problem(): array
    {
        $text = ['type' => 'string'];
        $error = [
            'type' => 'object',
            'properties' => ['field' => $text, 'value' => $text, 'accepted' => $text, 'message' => $text],
            'required' => ['field', 'value', 'accepted', 'message'],
            'additionalProperties' => false,
        ];

        return [
            'type' => 'object',
            'properties' => [
                'type' => $text,
                'title' => $text,
                'status' => ['type' => 'integer'],
                'detail' => $text,
                'errors' => ['type' => 'array', 'items' => $error],
                'current' => ['type' => 'object'],
            ],
            'required' => ['type', 'title', 'status', 'detail'],
            'additionalProperties' => false,
        ];
    }
}
