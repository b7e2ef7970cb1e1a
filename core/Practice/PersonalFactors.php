<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice;

use Inlaid\Core\Material\Material;

/**
 * The painter's own figures that are reckoned with, each against what is typical.
 *
 * Immutable. `paces` how much longer a technique takes, by its key, with a slash and the tool where that isn't the usual one; `drying` how
 * much longer a material dries, by its id; `amounts` how much more of a material a technique takes, by material id and technique with a
 * slash between. What is not named is as typical.
 */
final readonly class PersonalFactors
{
    /**
     * @param array<string, float> $paces
     * @param array<string, float> $drying
     * @param array<string, float> $amounts
     */
    public function __construct(public array $paces = [], public array $drying = [], public array $amounts = [])
    {
    }

    public static function paceOf(string $technique, ?string $tool): string
    {
        return null === $tool ? $technique : $technique.'/'.$tool;
    }

    /** How much longer than is typical a technique takes with a tool; with one that was never timed, as the technique itself. */
    public function pace(string $technique, ?string $tool): float
    {
        return $this->paces[self::paceOf($technique, $tool)] ?? $this->paces[$technique] ?? 1.0;
    }

    public static function amountOf(string $materialId, string $technique): string
    {
        return $materialId.'/'.$technique;
    }

    /** How much longer than on its label a mix dries that is mainly of this; null where that is not known. */
    public function dries(?Material $main): ?float
    {
        return $this->drying[$main->id ?? ''] ?? null;
    }

    /** How much more than reckoned a technique takes of it; null where that is not known. */
    public function takes(?Material $main, string $technique): ?float
    {
        return $this->amounts[self::amountOf($main->id ?? '', $technique)] ?? null;
    }
}
