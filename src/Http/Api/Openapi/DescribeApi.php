<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api\Openapi;

use Inlaid\App\Exchange\Json;
use Inlaid\App\Http\Api\BookingResolver;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Api\ProblemDetails;
use Inlaid\App\Store\BoardCard;
use Inlaid\App\Store\Card;
use Symfony\Component\Routing\Route;
use Symfony\Component\Routing\RouterInterface;

/**
 * The API in OpenAPI 3.1, from the routes, what their controllers describe, and the schema files of `docs/formats/`.
 */
final readonly class DescribeApi
{
    public function __construct(private RouterInterface $router, private string $projectDir)
    {
    }

    /**
     * @return array<string, mixed>
     */
    public function describe(): array
    {
        $classes = new DescribeClass();
        foreach ([Card::class, BoardCard::class] as $derived) {
            $classes->ref($derived); // kept as JSON, so no property has its type
        }
        $problem = [
            'description' => 'The error, and where it is',
            'content' => ['application/problem+json' => ['schema' => $classes->ref(ProblemDetails::class)]],
        ];
        $paths = [];
        foreach ($this->router->getRouteCollection() as $route) {
            $controller = explode('::', \is_string($c = $route->getDefault('_controller')) ? $c : '')[0];
            $describe = class_exists($controller) ? (new \ReflectionClass($controller))->getAttributes(Describe::class)[0] ?? null : null;
            if (null !== $describe && class_exists($controller)) {
                $paths[$route->getPath()][strtolower($route->getMethods()[0])] = $this->operation(
                    route: $route,
                    id: (new \ReflectionClass($controller))->getShortName(),
                    describe: $describe->newInstance(),
                    classes: $classes,
                    problem: $problem,
                );
            }
        }
        ksort($paths);

        return [
            'openapi' => '3.1.0',
            'info' => [
                'title' => 'Inlaid Recipe',
                'version' => '1',
                'description' => 'Layered furniture finishes, calculated.',
                'license' => ['name' => 'MIT', 'identifier' => 'MIT'],
            ],
            'paths' => $paths,
            'components' => ['schemas' => $classes->schemas() + $this->formats()],
        ];
    }

    /**
     * @param array<string, mixed> $problem
     *
     * @return array<string, mixed>
     */
    private function operation(Route $route, string $id, Describe $describe, DescribeClass $classes, array $problem): array
    {
        /** @var list<string> $inPath */
        $inPath = $route->compile()->getPathVariables();
        $parameters = array_map(
            static fn (string $name): array => [
                'name' => $name,
                'in' => 'path',
                'required' => true,
                'schema' => ['type' => 'number' === $name ? 'integer' : 'string'],
            ],
            $inPath,
        );
        foreach ($describe->query as $name => $type) {
            $parameters[] = ['name' => $name, 'in' => 'query', 'required' => false, 'schema' => ['type' => $type]];
        }
        if ($describe->books) {
            $parameters[] = [
                'name' => BookingResolver::HEADER,
                'in' => 'header',
                'required' => false,
                'schema' => ['type' => 'string'],
                'description' => 'A repeated request with the same key is recorded once.',
            ];
        }
        $content = static fn (string $type, array $schema): array => ['content' => [$type => ['schema' => $schema]]];
        $binary = ['type' => 'string', 'format' => 'binary'];
        $json = static fn (?string $class): array => match (true) {
            Describe::PICTURE === $class => $content('image/*', $binary),
            Describe::BUNDLE === $class => $content('application/zip', $binary),
            null === $class => $content('application/json', ['type' => 'object']),
            class_exists($class) => $content('application/json', $classes->ref($class)),
            default => $content('application/json', ['$ref' => '#/components/schemas/'.ucfirst($class)]),
        };
        $takes = null === $describe->takes
            ? ('GET' === $route->getMethods()[0] ? [] : ['requestBody' => ['required' => true, ...$json(null)]])
            : ['requestBody' => ['required' => true, ...$json($describe->takes)]];

        return [
            'operationId' => lcfirst($id),
            'summary' => $describe->summary,
            'tags' => [explode('/', $route->getPath())[2]],
            'parameters' => $parameters,
            ...$takes,
            'responses' => [
                (string) $describe->status => ['description' => $describe->summary, ...$json($describe->gives)],
                'default' => $problem,
            ],
        ];
    }

    /**
     * @return array<string, mixed> the schema files by name, their references turned to components
     */
    private function formats(): array
    {
        $schemas = [];
        foreach (glob($this->projectDir.'/docs/formats/*.schema.json') ?: [] as $file) {
            $text = preg_replace_callback(
                '/"\$ref": "(\w+)\.schema\.json"/',
                static fn (array $m): string => \sprintf('"$ref": "#/components/schemas/%s"', ucfirst($m[1])),
                (string) file_get_contents($file),
            );
            $schema = Json::object((string) $text);
            unset($schema->{'$schema'}, $schema->{'$id'});
            $schemas[ucfirst(basename($file, '.schema.json'))] = $schema;
        }

        return $schemas;
    }
}
