<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Catalogue;

use Brick\Math\BigRational;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Json;
use Inlaid\Core\Design\Extender;
use Inlaid\Core\Design\Family;
use Inlaid\Core\Design\FamilyStep;
use Inlaid\Core\Design\Role;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Wear;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Techniques;
use Inlaid\Core\Technique\Tool;
use Symfony\Component\Yaml\Yaml;

/**
 * Loads the finish families from `data/finishes` (docs/formats/finish.schema.json).
 */
final readonly class LoadFamilies
{
    public function __construct(private string $projectDir, private Techniques $techniques)
    {
    }

    /**
     * @return list<Family>
     */
    public function load(): array
    {
        return array_map($this->read(...), array_values($this->files()));
    }

    public function named(string $key): ?Family
    {
        $file = $this->files()[$key] ?? null;

        return null === $file ? null : $this->read($file);
    }

    /**
     * @return array<string, string> by key
     */
    private function files(): array
    {
        $files = glob($this->projectDir.'/data/finishes/*.yaml') ?: [];

        return array_combine(array_map(static fn (string $f): string => basename($f, '.yaml'), $files), $files);
    }

    private function read(string $file): Family
    {
        $json = Json::decode(Json::encode(Yaml::parseFile($file, Yaml::PARSE_OBJECT_FOR_MAP)));

        return Node::read($json, fn (Node $n): Family => $this->family(basename($file, '.yaml'), $n));
    }

    private function family(string $key, Node $n): Family
    {
        $n->fields('name', 'says', 'wear', 'grain', 'bare', 'protects', 'against', 'steps');
        $steps = $n->list('steps', $this->step(...));

        return new Family(
            key: $key,
            name: $n->string('name'),
            says: $n->string('says', 400),
            wear: $n->enum('wear', Wear::class),
            grain: $n->enumOrNull('grain', Grain::class),
            bare: $n->has('bare') && $n->bool('bare'),
            protects: $n->has('protects') && $n->bool('protects'),
            against: $n->has('against') ? $n->list('against', static fn (Node $of): string => $of->asString()) : [],
            steps: [] === $steps ? $n->refuse('steps', 'A family has steps.') : $steps,
        );
    }

    private function step(Node $n): FamilyStep
    {
        $n->fields(
            ...['id', 'title', 'do', 'for', 'role', 'usual', 'thin', 'glaze', 'soften', 'coats'],
            ...['hand', 'dwell', 'wait', 'minutes', 'where', 'tool', 'weight', 'grit', 'layout', 'reaches'],
        );
        $extended = array_values(array_filter(Extender::cases(), static fn (Extender $e): bool => $n->has($e->value)))[0] ?? null;
        $exact = static fn (Node $of): BigRational => $of->asExact();
        $coats = $n->has('coats') ? $n->list('coats', static fn (Node $of): int => (int) $of->asFloat()) : [];
        $hands = $n->has('hand') ? $n->list('hand', static fn (Node $of): Hand => $of->asEnum(Hand::class)) : [];

        return new FamilyStep(
            id: $n->id('id'),
            title: $n->string('title'),
            technique: $this->techniques->named($n->string('do')),
            purpose: $n->enumOrNull('for', Purpose::class) ?? Purpose::Functional,
            role: $n->enumOrNull('role', Role::class),
            usual: $n->has('usual') ? $n->list('usual', static fn (Node $of): string => $of->asString()) : [],
            extended: $extended ?? Extender::Thin,
            ratios: null === $extended ? [] : $n->list($extended->value, $exact),
            coats: [] === $coats ? [1] : $coats,
            hands: $hands,
            dwells: [null, ...($n->has('dwell') ? $n->list('dwell', static fn (Node $of): int => (int) $of->asFloat()) : [])],
            wait: WaitRule::of($n->enumOrNull('wait', WaitUntil::class) ?? WaitUntil::Nothing, $n->intOrNull('minutes')),
            where: $n->enumOrNull('where', Placement::class),
            tool: $n->enumOrNull('tool', Tool::class),
            weight: $n->enumOrNull('weight', FilmWeight::class),
            grit: $n->intOrNull('grit'),
            layout: $n->has('layout') ? Json::encode($n->child('layout')->raw()) : null,
            reaches: $n->has('reaches') ? $n->string('reaches') : null,
        );
    }
}
