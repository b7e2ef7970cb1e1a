<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

use Inlaid\Core\Refusal;

/**
 * A board that cannot be laid.
 */
final class BoardRefusal extends Refusal
{
    public static function badTiming(): self
    {
        return new self('Laying a patch takes at least a second, and no time is less than nothing.');
    }

    public static function tooManyPatches(int $most): self
    {
        return new self(\sprintf('A board has at most %d patches.', $most));
    }
}
