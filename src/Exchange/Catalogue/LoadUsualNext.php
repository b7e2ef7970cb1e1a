<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Catalogue;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Json;
use Symfony\Component\Yaml\Yaml;

/**
 * Loads what usually comes after a technique, from `data/catalogue/next.yaml`.
 */
final readonly class LoadUsualNext
{
    public const BEGIN = 'begin';

    public function __construct(private string $projectDir)
    {
    }

    /**
     * @return array<string, list<string>> by technique, `begin` for none; the most usual first
     */
    public function load(): array
    {
        $json = Json::decode(
            Json::encode(['next' => Yaml::parseFile($this->projectDir.'/data/catalogue/next.yaml', Yaml::PARSE_OBJECT_FOR_MAP)]),
        );

        return Node::read($json, static fn (Node $n): array => $n->map(
            'next',
            static fn (Node $of): array => array_map(
                static fn (mixed $key): string => \is_string($key) ? $key : throw new \LogicException('A technique is named by its key.'),
                \is_array($of->raw()) ? array_values($of->raw()) : [],
            ),
        ));
    }
}
