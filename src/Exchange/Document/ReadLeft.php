<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\Core\Measure\Dimension;
use Inlaid\Core\Measure\Quantity;

/**
 * Reads how much of something is left: {"amount": "350", "unit": "ml"}.
 */
final class ReadLeft
{
    /**
     * @param string ...$besides other fields there may be
     */
    public function read(Node $n, string ...$besides): Quantity
    {
        $n->fields('amount', 'unit', ...$besides);
        $dimension = ['ml' => Dimension::Volume, 'g' => Dimension::Mass][$n->string('unit')] ?? $n->refuse('unit', 'Use ml or g');

        return $n->make(static fn (): Quantity => Quantity::of($dimension, $n->exact('amount')), 'amount');
    }
}
