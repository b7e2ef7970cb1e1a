<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Studio\StudioContext;
use Inlaid\Core\Context\Context;

/**
 * The context a request asks in: the studio's, under what its field `context` states.
 */
final readonly class ReadContext
{
    public function __construct(private StudioContext $context)
    {
    }

    /**
     * @throws InvalidInput
     */
    public function stated(?Document $context): Context
    {
        return $this->context->with($context?->json)[0];
    }
}
