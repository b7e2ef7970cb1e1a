<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Tables;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;

/**
 * A table as the text of a CSV file.
 */
final readonly class TableText
{
    private const LONGEST = 2_000_000;

    public function __construct(public string $text)
    {
    }

    public static function of(Body $body): string
    {
        return $body->read(static fn (Node $n): string => $n->fields('text')->string('text', self::LONGEST));
    }
}
