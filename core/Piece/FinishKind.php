<?php

declare(strict_types=1);

namespace Inlaid\Core\Piece;

/**
 * What lies on a part before the work begins.
 */
enum FinishKind: string
{
    case Bare = 'bare';
    case Oiled = 'oiled';
    case Waxed = 'waxed';
    case Shellac = 'shellac';
    case Varnish = 'varnish';
    case Lacquer = 'lacquer';
    case Paint = 'paint';
    case Unknown = 'unknown';

    /**
     * Does it lie on the surface as a closed film, rather than in it or as a soft polish?
     */
    public function isFilm(): bool
    {
        return !\in_array($this, [self::Bare, self::Oiled, self::Waxed], true);
    }

    /**
     * µm of film that is there to be sanded; typical, null where nothing lies on the surface or nobody knows what does.
     */
    public function thickness(): ?float
    {
        return match ($this) {
            self::Shellac => 30.0, self::Varnish => 90.0, self::Lacquer => 60.0, self::Paint => 120.0,
            self::Bare, self::Oiled, self::Waxed, self::Unknown => null,
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Bare => 'bare', self::Oiled => 'oiled', self::Waxed => 'waxed', self::Shellac => 'shellac',
            self::Varnish => 'varnish', self::Lacquer => 'factory lacquer', self::Paint => 'old paint', self::Unknown => 'unknown finish',
        };
    }
}
