<?php

declare(strict_types=1);

namespace Inlaid\App\Console\Demo;

use Inlaid\Core\Colour\Light;

/**
 * Stands in for a camera: draws the photo that would be taken of a board, with a grey card beneath it, in the light of a warm lamp.
 */
final class DrawBoardPhoto
{
    /** What the lamp does to red, green and blue. */
    private const WARM = [1.0, 0.86, 0.62];
    private const CARD = 0.18;

    /**
     * @param list<list<Light>> $patches what each reflects, row by row
     * @param Light             $wood    what the wood between them reflects
     *
     * @return string a JPEG
     */
    public function draw(array $patches, Light $wood, float $light = 0.8, int $width = 900, int $height = 700): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        $shade = static fn (Light $of): int => self::shade($image, $of, $light);
        imagefill($image, 0, 0, $shade($wood));
        for ($y = 0; $y < 0.72 * $height; $y += 9) { // the grain
            imageline(
                $image,
                0,
                $y,
                $width,
                (int) ($y + 0.01 * $width),
                $shade(new Light(0.82 * $wood->red, 0.8 * $wood->green, 0.78 * $wood->blue)),
            );
        }
        $rows = max(1, \count($patches));
        foreach ($patches as $r => $row) {
            $wide = $width / max(1, \count($row));
            foreach ($row as $c => $patch) {
                [$x, $y, $high] = [$c * $wide, 0.7 * $height * $r / $rows, 0.7 * $height / $rows];
                imagefilledrectangle(
                    $image,
                    (int) ($x + 0.1 * $wide),
                    (int) ($y + 0.12 * $high),
                    (int) ($x + 0.9 * $wide),
                    (int) ($y + 0.9 * $high),
                    $shade($patch),
                );
            }
        }
        imagefilledrectangle($image, 0, (int) (0.72 * $height), $width, $height, $shade(new Light(0.05, 0.05, 0.05)));
        imagefilledrectangle(
            $image,
            (int) (0.35 * $width),
            (int) (0.75 * $height),
            (int) (0.65 * $width),
            (int) (0.97 * $height),
            $shade(new Light(self::CARD, self::CARD, self::CARD)),
        );
        ob_start();
        imagejpeg($image, null, 95);

        return (string) ob_get_clean();
    }

    private static function shade(\GdImage $image, Light $of, float $light): int
    {
        $lit = new Light(...array_map(static fn (float $v, float $warm): float => $v * $warm * $light, $of->channels(), self::WARM));

        return (int) imagecolorallocate($image, ...$lit->codes());
    }
}
