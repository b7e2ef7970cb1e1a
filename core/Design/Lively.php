<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

/**
 * How lively the flat is to be.
 */
enum Lively: string
{
    case Even = 'even';
    case Soft = 'soft';
    case Broken = 'broken';

    public static function of(float $contrast): self
    {
        return match (true) {
            $contrast < self::Even->contrast()[1] => self::Even,
            $contrast < self::Soft->contrast()[1] => self::Soft,
            default => self::Broken,
        };
    }

    /**
     * @return array{float, float} ΔE within the flat, from least to most; typical
     */
    public function contrast(): array
    {
        return match ($this) {
            self::Even => [0.0, 0.8], self::Soft => [0.8, 3.5], self::Broken => [3.5, 60.0],
        };
    }
}
