<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice;

use Inlaid\Core\ValidationError;

/**
 * A question of practice, or an answer to one, that is not known.
 */
final class InvalidPractice extends ValidationError
{
    public static function unknown(string $key): self
    {
        return new self(\sprintf('Unknown practice “%s”.', $key));
    }

    public static function unknownChoice(string $key, string $choice): self
    {
        return new self(\sprintf('“%s” isn\'t an option of “%s”.', $choice, $key));
    }
}
