<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

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

    /**
     * @param array<string, string> $query name to "string", "integer" or "boolean"
     */
    public function __construct(
        public string $summary,
        public ?string $takes = null,
        public ?string $gives = null,
        public int $status = 200,
        public array $query = [],
    ) {
    }
}
