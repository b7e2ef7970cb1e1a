<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Store\StudioContext;
use Inlaid\Core\Context\Context;

/**
 * The context a request asks in: the studio's, under what its field `context` states.
 */
final readonly class ContextRequest
{
    public function __construct(private StudioContext $context)
    {
    }

    /**
     * @throws InvalidInput
     */
    public function of(Body $body): Context
    {
        return $this->context->with($body->read(static fn (Node $n): mixed => $n->childOrNull('context')?->raw()))[0];
    }
}
