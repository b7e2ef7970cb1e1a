<?php

declare(strict_types=1);

namespace Inlaid\Core\BoardPlan;

use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Surface\Patch;
use Inlaid\Core\Surface\ZoneState;
use Inlaid\Core\Technique\Spread;

/**
 * How the flat of a patch is painted: its shades from the darkest, with their shares, and how the step that parted them last lays them.
 *
 * Immutable. `shares` sum to 1; `spread` and `way` null where it is even.
 */
final readonly class PatchFace
{
    /** More shades nobody tells apart on a patch. */
    private const SHADES = 24;

    /**
     * @param list<string> $colours
     * @param list<float>  $shares
     */
    private function __construct(public array $colours, public array $shares, public ?Spread $spread, public ?string $way)
    {
    }

    /**
     * @param non-empty-list<ZoneState> $course its flat before the first step and after each
     */
    public static function of(array $course): self
    {
        $patches = $course[\count($course) - 1]->patches;
        $lightness = array_map(static fn (Patch $p): float => Lab::ofLight($p->light())->l, $patches);
        array_multisort($lightness, $patches);
        $shades = [];
        $sum = 0.0;
        foreach ($patches as $patch) {
            // Of as many as lie in one step of shares the middle one is taken for all.
            $shades[min(self::SHADES - 1, (int) floor(self::SHADES * ($sum + $patch->share / 2)))][] = $patch;
            $sum += $patch->share;
        }
        $parted = array_values(array_filter($course, static fn (ZoneState $s): bool => null !== $s->spread));
        $last = [] === $parted ? null : $parted[\count($parted) - 1];

        return new self(
            colours: array_values(array_map(static fn (array $of): string => $of[intdiv(\count($of), 2)]->hex(), $shades)),
            shares: array_values(array_map(
                static fn (array $of): float => round(array_sum(array_map(static fn (Patch $p): float => $p->share, $of)), 4),
                $shades,
            )),
            spread: $last?->spread,
            way: $last?->way,
        );
    }
}
