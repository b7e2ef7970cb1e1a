<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Api;

use Inlaid\App\Exchange\Document\InvalidInput;

/**
 * The JSON body of a request, not yet read.
 */
final readonly class Body
{
    public function __construct(private mixed $json, private ReadRequest $read)
    {
    }

    /** The whole of it as a document of its own. */
    public function document(): Document
    {
        return new Document($this->json, '');
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws InvalidInput
     */
    public function as(string $class): object
    {
        return $this->read->read($this->json, $class);
    }
}
