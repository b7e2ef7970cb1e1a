<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

/**
 * Leaves the rest of one object unread after its violation was noted; the reader goes on with the next.
 *
 * @internal belongs to Node
 */
final class SkipRest extends \RuntimeException
{
}
