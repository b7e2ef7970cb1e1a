<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Catalogue;

use Symfony\Component\Yaml\Yaml;

/**
 * The settings a studio begins with, from `data/catalogue/settings.yaml`.
 */
final readonly class DefaultSettings
{
    public function __construct(private string $projectDir)
    {
    }

    public function load(): mixed
    {
        return Yaml::parseFile($this->projectDir.'/data/catalogue/settings.yaml', Yaml::PARSE_OBJECT_FOR_MAP);
    }
}
