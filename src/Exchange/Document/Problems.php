<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

/**
 * The violations found while one document is read.
 */
final class Problems
{
    private const MOST = 50;
    /** @var list<Violation> */
    private array $found = [];

    public function add(string $pointer, string $message): void
    {
        if (\count($this->found) < self::MOST) {
            $this->found[] = new Violation($pointer, $message);
        }
    }

    /**
     * @throws InvalidInput if anything was found
     */
    public function throwIfAny(): void
    {
        if ([] !== $this->found) {
            throw new InvalidInput($this->found);
        }
    }
}
