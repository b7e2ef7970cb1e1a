<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Settings;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadSettings;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Http\Api\Body;
use Inlaid\App\Http\Api\Describe;
use Inlaid\App\Store\StudioSettings;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/settings', methods: 'PUT')]
#[Describe('Save settings', takes: SettingsKept::class, gives: SettingsKept::class)]
final readonly class SaveSettings
{
    public function __construct(private StudioSettings $settings, private ReadSettings $read)
    {
    }

    public function __invoke(Body $body): SettingsKept
    {
        [$version, $json] = $body->read(static fn (Node $n): array => [
            $n->fields('version', 'settings')->int('version'),
            $n->child('settings')->raw(),
        ]);
        $this->read->check($json, '/settings');
        $stored = $this->settings->save($version, Json::encode($json));

        return new SettingsKept($stored->version, new RawJson($stored->document));
    }
}
