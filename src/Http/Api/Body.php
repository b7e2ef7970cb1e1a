<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;

/**
 * The JSON body of a request, not yet read.
 */
final readonly class Body
{
    public function __construct(public mixed $json)
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
        return Node::read($this->json, $read);
    }

    /**
     * A part of the body that is a document of its own; missing ones are refused.
     *
     * @throws InvalidInput
     */
    public function part(string $name): mixed
    {
        return $this->read(static fn (Node $n): mixed => $n->child($name)->raw());
    }
}
