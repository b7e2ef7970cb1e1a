<?php

declare(strict_types=1);

namespace Inlaid\Core\Mixing;

/**
 * A cup or tray to mix in: straight or tapered, round or rectangular.
 *
 * Its cross-section grows linearly in both directions from bottom to top, so area at the height share t is
 * A0 + b·t + c·t² and the volume below it H·(A0·t + b·t²/2 + c·t³/3). Immutable. Inside lengths in mm, volumes in ml.
 */
final readonly class Vessel
{
    /**
     * @param bool $round for drawing only: the sums are the same
     */
    private function __construct(
        public string $name,
        public bool $round,
        public float $bottom,
        public float $top,
        public float $height,
        private float $a,
        private float $b,
        private float $c,
    ) {
    }

    /**
     * @throws InvalidMix if a length is not above zero or beyond a bucket
     */
    public static function cup(string $name, float $bottomDiameter, float $topDiameter, float $height): self
    {
        self::check($bottomDiameter, $topDiameter, $height);
        $area = \M_PI / 4;
        $grows = $topDiameter - $bottomDiameter;

        return new self(
            name: $name,
            round: true,
            bottom: $bottomDiameter,
            top: $topDiameter,
            height: $height,
            a: $area * $bottomDiameter ** 2,
            b: $area * 2 * $bottomDiameter * $grows,
            c: $area * $grows ** 2,
        );
    }

    /**
     * @param array{float, float} $bottom length and width
     * @param array{float, float} $top
     *
     * @throws InvalidMix if a length is not above zero or beyond a bucket
     */
    public static function tray(string $name, array $bottom, array $top, float $height): self
    {
        self::check(...$bottom, ...$top, ...[$height]);
        [$l, $w] = [$top[0] - $bottom[0], $top[1] - $bottom[1]];

        return new self(
            name: $name,
            round: false,
            bottom: $bottom[0],
            top: $top[0],
            height: $height,
            a: $bottom[0] * $bottom[1],
            b: $l * $bottom[1] + $w * $bottom[0],
            c: $l * $w,
        );
    }

    /**
     * ml below a height in mm; above the brim it counts no further.
     */
    public function volumeAt(float $height): float
    {
        $t = max(0.0, min(1.0, $height / $this->height));

        return $this->height * ($this->a * $t + $this->b * $t ** 2 / 2 + $this->c * $t ** 3 / 3) / 1000;
    }

    /**
     * ml to the brim.
     */
    public function capacity(): float
    {
        return $this->volumeAt($this->height);
    }

    /**
     * The height in mm a volume in ml reaches, or null where it would overflow. Bisection: the volume only grows with height.
     */
    public function heightOf(float $volume): ?float
    {
        if ($volume > $this->capacity() * (1 + 1e-12)) {
            return null;
        }
        $low = 0.0;
        $high = $this->height;
        while ($high - $low > 1e-9) {
            $middle = ($low + $high) / 2;
            $this->volumeAt($middle) < $volume ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }

    /**
     * @throws InvalidMix
     */
    private static function check(float ...$lengths): void
    {
        foreach ($lengths as $mm) {
            if (!is_finite($mm) || $mm <= 0.0 || $mm > 2000.0) {
                throw InvalidMix::badVessel('Inside lengths must be above 0 and up to 2000 mm.');
            }
        }
    }
}
