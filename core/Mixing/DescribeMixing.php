<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

use Inlaid\Core\Material\Material;

/**
 * Tells in which order a mix with powder in it is made: powders are dissolved before they meet anything thick, rest as long as they have
 * to, and only then comes the rest.
 */
final class DescribeMixing
{
    /**
     * @return list<string> what is done, one after the other; nothing where no powder is in it
     */
    public function steps(FlatMix $mix): array
    {
        [$powders, $liquids] = [[], []];
        foreach ($mix->leaves as $leaf) {
            $leaf->material->isPowder() ? $powders[] = $leaf->material : $liquids[] = $leaf->material;
        }
        if ([] === $powders || 1 === \count($mix->leaves)) {
            return [];
        }
        if ([] === $liquids) {
            return [\sprintf('Mix %s dry. Wear a mask.', self::names($powders))];
        }
        [$first, $rest] = [$liquids[0], \array_slice($liquids, 1)];
        $slake = $mix->slakes();

        return [
            \sprintf('Stir %s into %s gradually until there are no lumps.', self::names($powders), $first->name),
            ...($slake > 0 ? [\sprintf('Let it slake for %d min, stir again and strain.', $slake)] : []),
            ...([] === $rest ? [] : [\sprintf('Then stir in %s.', self::names($rest))]),
        ];
    }

    /**
     * @param non-empty-list<Material> $of
     */
    private static function names(array $of): string
    {
        return implode(' and ', array_map(static fn (Material $m): string => $m->name, $of));
    }
}
