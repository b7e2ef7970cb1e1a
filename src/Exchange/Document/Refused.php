<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

/**
 * A document that was not accepted, with every place found wrong.
 */
final class Refused extends \RuntimeException
{
    /**
     * @param non-empty-list<Violation> $violations
     */
    public function __construct(public readonly array $violations)
    {
        parent::__construct($violations[0]->message);
    }

    public static function at(string $pointer, string $message): self
    {
        return new self([new Violation($pointer, $message)]);
    }
}
