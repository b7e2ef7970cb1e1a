<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Settings;

use Inlaid\App\Exchange\Document\ReadSettings;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Http\Settings\Data\SettingsRequest;
use Inlaid\App\Http\Settings\Data\SettingsResponse;
use Inlaid\App\Store\StudioSettings;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/settings', methods: 'PUT')]
#[Describe('Save settings', takes: SettingsRequest::class, gives: SettingsResponse::class)]
final readonly class SaveSettings
{
    public function __construct(private StudioSettings $settings, private ReadSettings $read)
    {
    }

    public function __invoke(SettingsRequest $asked): SettingsResponse
    {
        $this->read->check($asked->settings->json, '/settings');
        $stored = $this->settings->save($asked->version, Json::encode($asked->settings->json));

        return new SettingsResponse($stored->version, new RawJson($stored->document));
    }
}
