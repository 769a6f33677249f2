<?php

declare(strict_types=1);

namespace App\Api;

use App\Control\Link\LinkApi;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Router;
use LogicException;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;
use Velbrin\Core\Ask\Desk;
use Velbrin\Core\Version;

/** The description of the API (OpenAPI 3.1), made from the router, the attributes on its methods and the questions' own schemas. */
final class OpenApi
{
    public const PREFIX = 'api/v1/';

    /** @return array<string, mixed> */
    public static function document(): array
    {
        $paths = $schemas = [];
        foreach (Router::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), self::PREFIX) && ! str_starts_with($route->uri(), self::PREFIX.'link/')) {
                foreach (self::paths($route, $schemas) as $path => $operation) {
                    $paths[$path][strtolower($route->methods()[0])] = $operation;
                }
            }
        }
        $paths += LinkApi::paths();
        ksort($paths);
        ksort($schemas);

        return [
            'openapi' => '3.1.0',
            'info' => [
                'title' => 'Velbrin',
                'version' => '1',
                'description' => 'Marine aquariums: ask the arithmetic, read systems, readings and visits. Values are in the '.
                    'units their names carry. Arithmetic version '.
                    Version::NUMBER.
                    '.',
            ],
            'servers' => [['url' => rtrim(url('/api/v1'), '/')]],
            'jsonSchemaDialect' => Desk::DIALECT,
            'security' => [['token' => []]],
            'paths' => $paths,
            'components' => [
                'securitySchemes' => [
                    'token' => [
                        'type' => 'http',
                        'scheme' => 'bearer',
                        'description' => 'A token made under Settings, with the abilities it needs.',
                    ],
                    'device' => [
                        'type' => 'http',
                        'scheme' => 'bearer',
                        'description' => 'The token of one device, made where its controller is on record.',
                    ],
                ],
                'schemas' => $schemas,
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $schemas
     * @return array<string, array<string, mixed>> by path; the question's route stands once for each question
     */
    private static function paths(Route $route, array &$schemas): array
    {
        $action = $route->getActionName();
        [$class, $method] = str_contains($action, '@') ? explode('@', $action) : [$action, '__invoke'];
        $described =
            (new ReflectionMethod($class, $method))->getAttributes(Describes::class)[0] ??
            throw new LogicException("{$action} does not say what it does");
        $says = $described->newInstance();
        $path = '/'.substr($route->uri(), strlen(self::PREFIX));
        if ($path === '/ask/{question}') {
            return self::questions();
        }
        $parameters = [];
        preg_match_all('/\{(\w+)\}/', $path, $in);
        foreach ($in[1] as $name) {
            $parameters[] = ['name' => $name, 'in' => 'path', 'required' => true, 'schema' => ['type' => 'integer']];
        }
        foreach ($says->query as $name => [$type, $what]) {
            $parameters[] = [
                'name' => $name,
                'in' => 'query',
                'required' => false,
                'description' => $what,
                'schema' => ['type' => $type],
            ];
        }
        $content = $says->csv
            ? ['text/csv' => ['schema' => ['type' => 'string']]]
            : ['application/json' => ['schema' => self::answer($says, $schemas)]];

        return [
            $path => [
                'operationId' => $method,
                'summary' => $says->summary,
                'description' => "Needs the ability {$says->ability}.",
                'parameters' => $parameters,
                'responses' => [200 => ['description' => 'The answer', 'content' => $content]] + self::refusals(),
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> */
    private static function questions(): array
    {
        $desk = new Desk();
        $paths = [];
        foreach (Desk::lines() as $name => $line) {
            $schema = $desk->schema($name);
            unset($schema['input']['$schema'], $schema['output']['$schema']);
            $paths["/ask/{$name}"] = [
                'operationId' => 'ask-'.$name,
                'summary' => $line,
                'description' => 'Needs the ability ask.',
                'requestBody' => [
                    'required' => true,
                    'content' => ['application/json' => ['schema' => $schema['input']]],
                ],
                'responses' => [
                    200 => [
                        'description' => 'The answer',
                        'content' => ['application/json' => ['schema' => $schema['output']]],
                    ],
                    422 => ['description' => 'A field is wrong: its name, what is wrong, what is allowed'],
                ] + self::refusals(),
            ];
        }

        return $paths;
    }

    /** @return array<int, array{description: string}> by status */
    private static function refusals(): array
    {
        return [
            401 => ['description' => 'No token, or one that was taken back'],
            403 => ['description' => 'The token or its owner may not'],
            429 => ['description' => 'Too many calls; wait for Retry-After seconds'],
        ];
    }

    /**
     * @param  array<string, mixed>  $schemas
     * @return array<string, mixed>
     */
    private static function answer(Describes $says, array &$schemas): array
    {
        if ($says->of === null) {
            return [
                'type' => 'object',
                'properties' => ['data' => ['type' => 'object', 'additionalProperties' => ['type' => 'string']]],
            ];
        }
        $name = substr((new ReflectionClass($says->of))->getShortName(), 3);
        $schemas[$name] ??= self::schema($says->of);
        $one = ['$ref' => "#/components/schemas/{$name}"];

        return $says->many
            ? [
                'type' => 'object',
                'required' => ['data', 'next'],
                'properties' => [
                    'data' => ['type' => 'array', 'items' => $one],
                    'next' => ['type' => ['string', 'null'], 'description' => 'address of the next page'],
                ],
            ]
            : ['type' => 'object', 'required' => ['data'], 'properties' => ['data' => $one]];
    }

    /**
     * @param  class-string  $class
     * @return array<string, mixed>
     */
    private static function schema(string $class): array
    {
        $properties = [];
        foreach ((new ReflectionClass($class))->getProperties() as $property) {
            $type = $property->getType();
            $word = match ($type instanceof ReflectionNamedType ? $type->getName() : '') {
                'int' => 'integer',
                'float' => 'number',
                'bool' => 'boolean',
                'array' => 'array',
                default => 'string',
            };
            $properties[$property->getName()] = [
                'type' => $type?->allowsNull() === true ? [$word, 'null'] : $word,
                ...$word === 'array' ? ['items' => ['type' => 'string']] : [],
            ];
        }

        return ['type' => 'object', 'required' => array_keys($properties), 'properties' => $properties];
    }
}
