<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;

/**
 * A document in a request, or a part of one, decoded but not read; `schema` in the comment of its parameter names what it is.
 */
final readonly class Document
{
    public function __construct(public mixed $json, public string $pointer)
    {
    }

    /**
     * @template T
     *
     * @param \Closure(Node): T $read
     *
     * @return T
     *
     * @throws InvalidInput
     */
    public function read(\Closure $read): mixed
    {
        return Node::read($this->json, $read, $this->pointer);
    }
}
