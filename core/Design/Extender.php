<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;

/**
 * With what a material is made thinner, a glaze, or softer.
 */
enum Extender: string
{
    case Thin = 'thin';
    case Glaze = 'glaze';
    case Soften = 'soften';

    /** Can it be stirred into a material for that? */
    public function isPlayedBy(Material $of, Material $into): bool
    {
        $carrier = Carrier::Dry === $into->body->carrier ? Carrier::Water : $into->body->carrier;

        return match ($this) {
            self::Thin => MaterialKind::Thinner === $of->kind && $carrier === $of->body->carrier,
            self::Glaze => MaterialKind::GlazingMedium === $of->kind && $carrier === $of->body->carrier,
            self::Soften => MaterialKind::Wax === $of->kind && LookKind::Clear === $of->look->kind,
        };
    }

    /** Is there more of it than of the material, so that it is poured first? */
    public function comesFirst(): bool
    {
        return self::Thin !== $this;
    }
}
