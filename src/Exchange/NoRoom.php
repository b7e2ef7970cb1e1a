<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange;

/**
 * A file that is needed for a while cannot be written.
 */
final class NoRoom extends \RuntimeException
{
    public function __construct(string $folder)
    {
        parent::__construct(\sprintf('There is no room left in “%s”. Free some space and try again; nothing was saved.', $folder));
    }
}
