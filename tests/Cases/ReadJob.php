<?php

declare(strict_types=1);

namespace Inlaid\Tests\Cases;

use Inlaid\App\Exchange\Json;
use Inlaid\Tests\Http\Studio;
use Symfony\Component\Yaml\Yaml;

/**
 * Reads jobs as painters write them down (tests/Cases/README.md) and makes recipe documents of them.
 */
final class ReadJob
{
    /** @var array<string, \stdClass> by id */
    private array $shelf;
    /** @var array<string, \stdClass> by name */
    private array $woods;
    /** @var array<string, bool> whether a technique uses material, by key */
    private array $uses;

    public function __construct(Studio $studio)
    {
        $materials = array_map(static fn (\stdClass $m): \stdClass => $m->material, $studio->json('GET', '/api/materials')->materials);
        $this->shelf = array_column($materials, null, 'id');
        $vocabulary = $studio->json('GET', '/api/vocabulary');
        $this->woods = array_column($vocabulary->species, null, 'name');
        $this->uses = array_column(
            array_map(static fn (\stdClass $t): array => [$t->key, $t->profile->takesMaterial], $vocabulary->techniques),
            1,
            0,
        );
    }

    /**
     * @return array<string, array<string, mixed>> jobs by file name
     */
    public static function all(): array
    {
        $jobs = [];
        foreach (glob(__DIR__.'/jobs/*.yaml') ?: [] as $file) {
            $job = Yaml::parseFile($file);
            $jobs[basename($file, '.yaml')] = \is_array($job) ? $job : throw new \LogicException("$file is no job.");
        }

        return $jobs;
    }

    /**
     * A job with something done otherwise.
     *
     * @param array<string, mixed>       $job
     * @param list<array<string, mixed>> $otherwise
     *
     * @return array<string, mixed>
     */
    public static function spoil(array $job, array $otherwise): array
    {
        foreach ($otherwise as $change) {
            $at = array_flip(array_column($job['steps'], 'id'));
            $place = static fn (string $id): int => $at[$id] ?? throw new \LogicException("No step “{$id}” in {$job['name']}.");
            match (true) {
                isset($change['without']) => array_splice($job['steps'], $place($change['without']), 1),
                isset($change['add'], $change['before']) => array_splice($job['steps'], $place($change['before']), 0, [$change['add']]),
                isset($change['add']) => $job['steps'][] = $change['add'],
                isset($change['move']) => $job['steps'] = self::moved($job['steps'], $place($change['move']), $place($change['before'])),
                isset($change['step']) => $job['steps'][$place($change['step'])] = $change['to'] + $job['steps'][$place($change['step'])],
                isset($change['part']) => $job['parts'][$change['part']] = $change['to'] + $job['parts'][$change['part']],
                isset($change['pot']) => $job['pots'][$change['pot']] = $change['to'],
                default => $job = $change + $job,
            };
        }

        return $job;
    }

    /**
     * @param list<mixed> $steps
     *
     * @return list<mixed>
     */
    private static function moved(array $steps, int $from, int $before): array
    {
        [$step] = array_splice($steps, $from, 1);
        array_splice($steps, $before - ($from < $before ? 1 : 0), 0, [$step]);

        return $steps;
    }

    /**
     * @param array<string, mixed> $job
     */
    public function document(array $job): \stdClass
    {
        $used = [];
        $mixes = [];
        foreach ($job['pots'] ?? [] as $id => $parts) {
            $used = [...$used, ...array_keys($parts)];
            $mixes[] = [
                'id' => $id,
                'name' => ucfirst(str_replace('-', ' ', (string) $id)),
                'basis' => 'volume',
                'parts' => array_map(
                    static fn (mixed $share, int|string $of): array => ['share' => (string) $share, 'of' => ['material' => $of]],
                    $parts,
                    array_keys($parts),
                ),
            ];
        }
        $steps = array_map(function (array $s) use ($job, &$used): array {
            $with = $s['with'] ?? null;
            $isPot = \is_string($with) && isset($job['pots'][$with]);
            $used = \is_string($with) && !$isPot ? [...$used, $with] : $used;
            $used = [
                ...$used,
                ...array_filter(array_map(static fn (array $c): ?string => $c['uses']['material'] ?? null, $s['colours'] ?? [])),
            ];
            $wait = $s['wait'] ?? (true === ($this->uses[$s['do']] ?? null) ? 'recoat' : 'nothing');

            return array_filter([
                'id' => $s['id'],
                'title' => $s['title'] ?? ucfirst(str_replace('-', ' ', $s['id'])),
                'technique' => $s['do'],
                'intent' => ['purpose' => $s['for'] ?? 'functional'] + (isset($s['shows']) ? ['shows' => $s['shows']] : []),
                'uses' => null === $with ? null : [$isPot ? 'mix' : 'material' => $with],
                'coats' => $s['coats'] ?? 1,
                'wait' => \is_string($wait) ? ['until' => $wait] : $wait,
                'parts' => isset($s['on']) ? array_map(self::key(...), (array) $s['on']) : null,
                'masks' => isset($s['masks']) ? array_map(self::key(...), (array) $s['masks']) : null,
            ], static fn (mixed $v): bool => null !== $v) + array_diff_key(
                $s,
                array_flip(['do', 'with', 'for', 'shows', 'on', 'wait', 'masks']),
            );
        }, $job['steps']);
        $unknown = array_diff($used, array_keys($this->shelf));
        if ([] !== $unknown) {
            throw new \LogicException("{$job['name']}: not on the shelf: ".implode(', ', $unknown));
        }

        return Json::object(Json::encode([
            'format' => 'inlaid-recipe',
            'version' => 4,
            'title' => $job['name'],
            'piece' => [
                'name' => $job['name'],
                'parts' => array_map($this->part(...), array_keys($job['parts']), $job['parts']),
                'use' => ($job['use'] ?? []) + ['place' => 'dry', 'wear' => 'light'],
            ],
            'materials' => array_values(array_intersect_key($this->shelf, array_flip($used))),
            'mixes' => $mixes,
            'steps' => $steps,
        ] + array_filter(['schools' => $job['practices'] ?? null, 'cleanUp' => $job['cleanUp'] ?? null])));
    }

    /**
     * @param array<string, mixed> $part
     *
     * @return array<string, mixed>
     */
    private function part(int|string $name, array $part): array
    {
        $name = (string) $name;
        $wood = $this->woods[$part['wood'] ?? ''] ?? null;
        $substrate = ($part['substrate'] ?? []) + (null === $wood ? [] : [
            'kind' => isset($part['veneer']) ? 'veneer' : 'solid',
            'species' => $wood->name,
            'grain' => $wood->grain,
            'colour' => $wood->colour,
            'bleeds' => $part['bleeds'] ?? $wood->bleeds,
        ]) + (isset($part['veneer']) ? ['veneer' => $part['veneer']] : []);

        return ['id' => self::key($name), 'name' => $name, 'substrate' => $substrate]
            + (isset($part['finish']) ? ['finish' => ['kind' => $part['finish'], 'state' => $part['state'] ?? 'sound']] : [])
            + array_diff_key($part, array_flip(['wood', 'veneer', 'bleeds', 'finish', 'state', 'substrate']))
            + (isset($part['shape']) ? [] : ['area' => 1.0]);
    }

    private static function key(string $name): string
    {
        return strtolower(str_replace(' ', '-', $name));
    }
}
