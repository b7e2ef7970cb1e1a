<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Bundle;

/**
 * A whole studio that holds far less than the one it would replace.
 */
final class HoldsLess extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct('This file holds much less than your studio. Nothing was changed. Confirm again to replace everything.');
    }
}
