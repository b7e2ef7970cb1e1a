<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

/**
 * How far a clear film yellows with the years.
 */
enum Ambering: string
{
    case None = 'none';
    case Slight = 'slight';
    case Strong = 'strong';

    /**
     * What it absorbs at 380 nm when it is as yellow as it gets, per µm of wet film; typical: two coats of an oil varnish over white turn
     * by about 10 ΔE.
     */
    public function perMicrometre(): float
    {
        return match ($this) {
            self::None => 0.0, self::Slight => 0.0007, self::Strong => 0.003,
        };
    }
}
