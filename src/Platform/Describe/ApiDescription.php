<?php

declare(strict_types=1);

namespace Zumbo\App\Platform\Describe;

use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\Routing\Route;
use Symfony\Component\Routing\RouterInterface;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Api\Answers;
use Zumbo\App\Platform\Api\Takes;
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
        $name = lcfirst(str_replace('Controller', '', $action->getDeclaringClass()->getShortName()));
        $parameters = array_merge(...array_map($this->parameters(...), $action->getParameters()));
        $body = $this->body($action);
        if (null !== $answers->tells) {
            $this->schemas->refer($answers->tells);
        }

        $granted = $action->getAttributes(IsGranted::class)[0]
            ?? $action->getDeclaringClass()->getAttributes(IsGranted::class)[0]
            ?? null;
        $role = $granted?->getArguments()[0] ?? null;

        return ['operationId' => $name.('__invoke' === $action->getName() ? '' : ucfirst($action->getName()))]
            + ['summary' => $answers->says, 'description' => self::whose(\is_string($role) ? $role : null)]
            + (null === $body ? [] : ['requestBody' => $body])
            + ([] === $parameters ? [] : ['parameters' => $parameters])
            + ['responses' => $this->responses($answers)];
    }

    /** Who may call it; each role may what those after it may. */
    private static function whose(?string $role): string
    {
        return match ($role) {
            null => 'For anybody.',
            'ROLE_HELPER' => 'For whoever is signed in.',
            'ROLE_COACH' => 'For coaches.',
            'ROLE_OWNER' => 'For owners.',
            default => throw new \LogicException('a role without words: '.$role),
        };
    }

    /**
     * @return list<array<string, mixed>> that one argument of an action stands for
     */
    private function parameters(\ReflectionParameter $argument): array
    {
        $class = self::classOf($argument);
        $one = static fn (string $name, string $in, array $schema): array => [
            'name' => $name,
            'in' => $in,
            'required' => true,
            'schema' => $schema,
        ];
        $uuid = ['type' => 'string', 'format' => 'uuid'];
        if (null !== $class && [] !== $argument->getAttributes(FromQuery::class)) {
            return $this->query($class);
        }

        return match ($class) {
            UuidV7::class => [$one($argument->getName(), 'path', $uuid)],
            WriteCondition::class => [
                $one('Mutation-Id', 'header', $uuid),
                $one('If-Match', 'header', ['type' => 'string']),
            ],
            null => [$one($argument->getName(), 'path', ['type' => 'string'])],
            default => [],
        };
    }

    /**
     * @return array<string, mixed>|null null: it takes none
     */
    private function body(\ReflectionMethod $action): ?array
    {
        $file = ($action->getAttributes(Takes::class)[0] ?? null)?->newInstance();
        if (null !== $file) {
            $contents = array_fill_keys($file->types, ['schema' => ['type' => 'string']]);

            return ['required' => true, 'content' => $contents];
        }
        foreach ($action->getParameters() as $argument) {
            $class = self::classOf($argument);
            if (null !== $class && [] !== $argument->getAttributes(FromBody::class)) {
                return [
                    'required' => true,
                    'content' => ['application/json' => ['schema' => $this->schemas->refer($class)]],
                ];
            }
        }

        return null;
    }

    /**
     * @return class-string|null null: a word of the path
     */
    private static function classOf(\ReflectionParameter $argument): ?string
    {
        $type = $argument->getType();
        /** @var class-string|null $class */
        $class = $type instanceof \ReflectionNamedType && !$type->isBuiltin() ? $type->getName() : null;

        return $class;
    }

    /**
     * @param class-string $class
     *
     * @return list<array<string, mixed>>
     */
    private function query(string $class): array
    {
        $parameters = [];
        $needed = [];
        foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $argument) {
            $needed[$argument->getName()] = !$argument->isDefaultValueAvailable();
        }
        foreach ((new \ReflectionClass($class))->getProperties(\ReflectionProperty::IS_PUBLIC) as $property) {
            $parameters[] = ['name' => $property->getName(), 'in' => 'query']
                + (($needed[$property->getName()] ?? false) ? ['required' => true] : [])
                + ['schema' => $this->schemas->property($class, $property)];
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
