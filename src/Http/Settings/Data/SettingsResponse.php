<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Settings\Data;

use Inlaid\App\Exchange\RawJson;

/**
 * The studio's settings, with the version to send back when saving.
 */
final readonly class SettingsResponse
{
    /**
     * @param RawJson $settings schema settings
     */
    public function __construct(public int $version, public RawJson $settings)
    {
    }
}
