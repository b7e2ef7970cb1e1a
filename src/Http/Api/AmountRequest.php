<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Measure\Quantity;
use Inlaid\Core\Measure\ReadQuantity;

/**
 * Reads an amount as a painter writes it, in the studio's measures.
 */
final class AmountRequest
{
    public static function read(Node $n, string $name, Context $context): Quantity
    {
        return $n->make(static fn (): Quantity => (new ReadQuantity($context->units, $context->drop))->read($n->string($name, 60)), $name);
    }
}
