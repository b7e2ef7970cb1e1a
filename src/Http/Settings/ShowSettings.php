<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Settings;

use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Settings\Data\SettingsResponse;
use Inlaid\App\Store\StudioSettings;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/settings', methods: 'GET')]
#[Describe('Show settings', gives: SettingsResponse::class)]
final readonly class ShowSettings
{
    public function __construct(private StudioSettings $settings)
    {
    }

    public function __invoke(): SettingsResponse
    {
        $stored = $this->settings->get();

        return new SettingsResponse($stored->version, new RawJson($stored->document));
    }
}
