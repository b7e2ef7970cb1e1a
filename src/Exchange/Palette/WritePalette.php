<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Palette;

use Inlaid\App\Exchange\Csv;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Colour\Light;

/**
 * Writes a palette in the GIMP format, or as CSV.
 */
final class WritePalette
{
    /**
     * @param list<Chip> $chips
     */
    public function gimp(string $name, array $chips): string
    {
        $line = static fn (Chip $c): string => vsprintf(
            '%3d %3d %3d',
            Light::of(Colour::of($c->colour))->codes(),
        )."\t".self::oneLine($c->name)."\n";

        return "GIMP Palette\nName: ".self::oneLine($name)."\n#\n".implode('', array_map($line, $chips));
    }

    /**
     * @param list<Chip> $chips
     */
    public function csv(array $chips): string
    {
        return Csv::write(['Name', 'Colour'], array_map(static fn (Chip $c): array => [$c->name, $c->colour], $chips));
    }

    private static function oneLine(string $text): string
    {
        return (string) preg_replace('~\s+~u', ' ', $text);
    }
}
