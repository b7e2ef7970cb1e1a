<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Catalogue;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Json;
use Symfony\Component\Yaml\Yaml;

/**
 * Loads the mixes of `data/catalogue/mixes.yaml` that one can begin with.
 */
final readonly class LoadMixStarts
{
    public function __construct(private string $projectDir)
    {
    }

    /**
     * @return list<MixStart>
     */
    public function load(): array
    {
        $json = Json::decode(Json::encode(['mixes' => Yaml::parseFile(
            $this->projectDir.'/data/catalogue/mixes.yaml',
            Yaml::PARSE_OBJECT_FOR_MAP,
        )]));

        return Node::read($json, static fn (Node $n): array => $n->list('mixes', static fn (Node $m): MixStart => new MixStart(
            $m->fields('name', 'parts', 'how')->string('name'),
            array_values($m->map('parts', static fn (Node $p): MixStartPart => new MixStartPart($p->name(), (string) $p->asFloat()))),
            $m->string('how', 400),
        )));
    }
}
