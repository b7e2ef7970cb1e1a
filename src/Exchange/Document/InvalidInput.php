<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\Core\ValidationError;

/**
 * A document that was not accepted, with every place found wrong.
 */
final class InvalidInput extends \RuntimeException
{
    /**
     * @param non-empty-list<Violation> $violations
     */
    public function __construct(public readonly array $violations)
    {
        parent::__construct($violations[0]->message);
    }

    /**
     * Does something with what was read, and puts a refusal of the core, if any, at its place.
     *
     * @template T
     *
     * @param \Closure(): T $do
     *
     * @return T
     */
    public static function around(string $pointer, \Closure $do): mixed
    {
        try {
            return $do();
        } catch (ValidationError $refusal) {
            throw self::at($pointer, $refusal->getMessage());
        }
    }

    public static function at(string $pointer, string $message): self
    {
        return new self([new Violation($pointer, $message)]);
    }
}
