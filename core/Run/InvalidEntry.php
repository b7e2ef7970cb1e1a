<?php

declare(strict_types=1);

namespace Inlaid\Core\Run;

use Inlaid\Core\ValidationError;

/**
 * An event that says too little to be kept.
 */
final class InvalidEntry extends ValidationError
{
    public static function needs(string $what): self
    {
        return new self(\sprintf('Missing: %s.', $what));
    }

    public static function another(): self
    {
        return new self('Another entry has this id.');
    }

    public static function isDone(): self
    {
        return new self('This step is done. What was done is not rewritten.');
    }

    public static function noSuchStep(): self
    {
        return new self('The recipe of this job has no such step.');
    }
}
