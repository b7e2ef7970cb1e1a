<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

/**
 * The key of a booking came again with another content.
 */
final class BookedOtherwise extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct('This was already recorded with other values. Reload the page and check stock before you record again.');
    }
}
