<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Settings\Data;

use Inlaid\App\Http\Api\Document;

/**
 * The studio's settings, changed from the given version.
 */
final readonly class SettingsRequest
{
    /**
     * @param Document $settings schema settings
     */
    public function __construct(public int $version, public Document $settings)
    {
    }
}
