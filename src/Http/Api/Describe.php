<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Symfony\Component\HttpFoundation\Request;

/**
 * What a controller takes and gives, for the API description. Path and method are the route's.
 *
 * `takes` and `gives` name a class whose public properties are the fields, or a schema file of `docs/formats/` by its name.
 */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class Describe
{
    /** What travels as the bytes of a picture. */
    public const PICTURE = 'picture';
    /** What travels as the bytes of a zip. */
    public const BUNDLE = 'bundle';

    /**
     * @param array<string, string> $query name to "string", "integer" or "boolean"
     * @param bool                  $books whether it is done once under one `Idempotency-Key`, however often it is sent
     */
    public function __construct(
        public string $summary,
        public ?string $takes = null,
        public ?string $gives = null,
        public int $status = 200,
        public array $query = [],
        public bool $books = false,
    ) {
    }

    /** Of the route that answers; null for pages and feeds, which are not of the API. */
    public static function of(Request $request): ?self
    {
        $controller = $request->attributes->get('_controller');
        $class = \is_string($controller) ? explode('::', $controller)[0] : '';
        $describe = class_exists($class) ? (new \ReflectionClass($class))->getAttributes(self::class)[0] ?? null : null;

        return $describe?->newInstance();
    }
}
