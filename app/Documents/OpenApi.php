<?php

declare(strict_types=1);

namespace App\Documents;

use App\Calculators\CalculatorCard;
use App\Calculators\CalculatorField;
use App\Calculators\Calculators;
use App\Http\Documented;
use App\Http\Query;
use App\Http\Resources\ErrandSheet;
use App\Providers\AppServiceProvider;
use App\Release;
use App\Shapes\Schemas;
use CleanRace\Core\Calculators\Registry;
use CleanRace\Core\Verdict\Message;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use ReflectionAttribute;
use ReflectionMethod;
use ReflectionNamedType;

/** The OpenAPI 3.1 document, made from routes, form requests and typed answers. */
final class OpenApi
{
    private const PREFIX = 'api/v1/';

    private const PAGED = ['type' => ['string', 'null'], 'description' => 'Hand it back as ?cursor= for the next page'];

    public function __construct(private readonly Router $router, private readonly Schemas $schemas)
    {
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $paths = [];
        foreach ($this->router->getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), self::PREFIX)) {
                foreach ($this->operations($route) as $path => $operation) {
                    $paths[$path] = ($paths[$path] ?? []) + $operation;
                }
            }
        }
        ksort($paths);

        return [
            'openapi' => '3.1.0',
            'info' => [
                'title' => 'Clean Race',
                'version' => Release::VERSION,
                'description' => 'Wheel bearings at the bench. Sign in by session cookie: GET /sanctum/csrf-cookie, then POST '
                    .'/session with the X-XSRF-TOKEN header. Errors are problem details (RFC 9457) with a list of fields.',
            ],
            'servers' => [['url' => '/api/v1']],
            'paths' => $paths,
            'components' => ['schemas' => $this->schemas->named() + ['Problem' => $this->problem()]],
        ];
    }

    /** @return array<string, array<string, mixed>> operations by path */
    private function operations(Route $route): array
    {
        $path = '/'.substr($route->uri(), strlen(self::PREFIX));
        $verb = strtolower(array_values(array_diff($route->methods(), ['HEAD']))[0]);
        if ($path === '/calculators/{name}') {
            return array_combine(
                array_map(static fn (string $name): string => "/calculators/$name", array_keys(Registry::all())),
                array_map(fn (string $class): array => ['post' => $this->calculator($class)], array_values(Registry::all())),
            );
        }
        $action = $route->getActionMethod() === $route->getActionName() ? '__invoke' : $route->getActionMethod();
        $method = new ReflectionMethod((string) $route->getControllerClass(), str_contains($action, '\\') ? '__invoke' : $action);
        /** @var Documented $about */
        $about = $method->getAttributes(Documented::class)[0]->newInstance();

        return [
            $path => [
                $verb => array_filter([
                    'summary' => $about->summary,
                    'parameters' => $this->parameters($route, $about, $method),
                    'requestBody' => $verb === 'get' ? [] : $this->body($method),
                    'responses' => $this->responses($about),
                ]),
            ],
        ];
    }

    /** @return list<array<string, mixed>> */
    private function parameters(Route $route, Documented $about, ReflectionMethod $method): array
    {
        $path = array_map(
            static fn (string $name): array => [
                'name' => $name,
                'in' => 'path',
                'required' => true,
                'schema' => [
                    'type' => ($route->wheres[$name] ?? AppServiceProvider::NUMBER) === AppServiceProvider::NUMBER ? 'integer' : 'string',
                ],
            ],
            $route->parameterNames(),
        );
        $said = array_map(static fn (ReflectionAttribute $a): Query => $a->newInstance(), $method->getAttributes(Query::class));
        $query = array_map(
            static fn (Query $q): array => [
                'name' => $q->name,
                'in' => 'query',
                'description' => $q->description,
                'schema' => ['type' => $q->type],
            ],
            [...$said, ...$about->page ? [new Query('cursor', 'The next page: what the page before handed out')] : []],
        );
        $asked = [];
        $request = $route->methods()[0] === 'GET' ? self::requestOf($method) : null;
        foreach ($request === null ? [] : InputSchemas::ofRequest($request)['properties'] as $name => $schema) {
            $asked[] = ['name' => $name, 'in' => 'query', 'schema' => $schema];
        }

        return [...array_values($path), ...$query, ...$asked];
    }

    /** @return ?class-string<FormRequest> that a controller's method takes */
    private static function requestOf(ReflectionMethod $method): ?string
    {
        foreach ($method->getParameters() as $parameter) {
            $type = $parameter->getType();
            if ($type instanceof ReflectionNamedType && is_a($type->getName(), FormRequest::class, true)) {
                return $type->getName();
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    private function body(ReflectionMethod $method): array
    {
        $request = self::requestOf($method);
        if ($request === null) {
            return [];
        }
        $schema = InputSchemas::ofRequest($request);
        $media = str_contains((string) json_encode($schema), '"binary"') ? 'multipart/form-data' : 'application/json';

        return ['required' => true, 'content' => [$media => ['schema' => $schema]]];
    }

    /** @return array<int|string, mixed> */
    private function responses(Documented $about): array
    {
        $problem = [
            'description' => 'What is wrong',
            'content' => ['application/problem+json' => ['schema' => ['$ref' => '#/components/schemas/Problem']]],
        ];
        if ($about->answers === null) {
            return [(string) $about->status => ['description' => 'Done'], 'default' => $problem];
        }
        $one = $this->schemas->of($about->answers);
        $many = ['data' => ['type' => 'array', 'items' => $one]];
        $schema = match (true) {
            $about->page => Schemas::object($many + ['next_cursor' => self::PAGED]),
            $about->many => Schemas::object($many),
            default => $one,
        };

        $content = static fn (array $schema): array => ['application/json' => ['schema' => $schema]];

        return [(string) $about->status => ['description' => $about->summary, 'content' => $content($schema)]] +
            ($about->orLater
                ? ['202' => ['description' => 'Done behind the answer', 'content' => $content($this->schemas->of(ErrandSheet::class))]]
                : []) +
            ['default' => $problem];
    }

    /**
     * @param  class-string  $class
     * @return array<string, mixed>
     */
    private function calculator(string $class): array
    {
        $card = CalculatorCard::of($class);

        return [
            'summary' => Message::plain($card->title)->inEnglish(),
            'description' => $card->answers,
            'requestBody' => [
                'required' => true,
                'content' => [
                    'application/json' => [
                        'schema' => InputSchemas::ofCalculator(CalculatorField::all(Calculators::inputOf($class))),
                        'example' => $card->example,
                    ],
                ],
            ],
            'responses' => $this->responses(new Documented(Message::plain($card->title)->inEnglish(), Calculators::resultOf($class))),
        ];
    }

    /** @return array<string, mixed> */
    private function problem(): array
    {
        return Schemas::object([
            'type' => ['type' => 'string'],
            'title' => ['type' => 'string'],
            'status' => ['type' => 'integer'],
            'detail' => ['type' => 'string'],
            'errors' => [
                'type' => 'array',
                'items' => ['required' => ['field', 'detail']] +
                    Schemas::object([
                        'field' => ['type' => 'string'],
                        'detail' => ['type' => 'string'],
                        'value' => ['type' => 'string', 'description' => 'What was entered there'],
                    ]),
            ],
        ]);
    }
}
