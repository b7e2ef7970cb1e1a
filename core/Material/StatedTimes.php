<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

/**
 * The times on the label, for one normal coat at 21 °C and 50 % relative humidity.
 *
 * Immutable. All in minutes; `recoatMost` is null where the label sets no latest time.
 */
final readonly class StatedTimes
{
    private function __construct(
        public int $touch,
        public int $recoat,
        public ?int $recoatMost,
        public int $through,
        public int $cure,
    ) {
    }

    /** The same, with so many times as long until it is touch-dry, recoatable and through-dry. */
    public function dryingIn(float $times): self
    {
        [$touch, $recoat, $through] = array_map(
            static fn (int $t): int => (int) round($t * $times),
            [$this->touch, $this->recoat, $this->through],
        );

        return new self(
            touch: $touch,
            recoat: $recoat,
            recoatMost: null === $this->recoatMost ? null : max($this->recoatMost, $recoat),
            through: $through,
            cure: max($this->cure, $through),
        );
    }

    /**
     * @throws InvalidMaterial if a time is negative or they do not follow one another
     */
    public static function of(int $touch, int $recoat, ?int $recoatMost, int $through, int $cure): self
    {
        if ($touch < 0) {
            throw InvalidMaterial::outOfRange('Touch-dry', '0 minutes or more');
        }
        $order = ['Touch-dry' => $touch, 'recoat' => $recoat, 'through-dry' => $through, 'cure' => $cure];
        $names = array_keys($order);
        $values = array_values($order);
        for ($i = 1; $i < 4; ++$i) {
            if ($values[$i - 1] > $values[$i]) {
                throw InvalidMaterial::timesOutOfOrder(ucfirst($names[$i - 1]), $names[$i]);
            }
        }
        if (null !== $recoatMost && $recoatMost < $recoat) {
            throw InvalidMaterial::timesOutOfOrder('The earliest recoat', 'the latest');
        }

        return new self(touch: $touch, recoat: $recoat, recoatMost: $recoatMost, through: $through, cure: $cure);
    }
}
