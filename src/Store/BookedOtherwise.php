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
        parent::__construct('Something else was booked under this key. Reload the page and look at the stock before you book again.');
    }
}
