<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Material\Carrier;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Material\MaterialKind;

/**
 * What a material does in a finish: a step of a family takes whatever fits the role.
 */
enum Role: string
{
    case Paint = 'paint';
    case MilkPaint = 'milk-paint';
    case Metal = 'metal';
    case Dye = 'dye';
    case OilStain = 'oil-stain';
    case GelStain = 'gel-stain';
    case Resist = 'resist';
    case ClearWax = 'clear-wax';
    case DarkWax = 'dark-wax';
    case PaleWax = 'pale-wax';
    case GildingWax = 'gilding-wax';
    case Oil = 'oil';
    case Shellac = 'shellac';
    case ClearCoat = 'clear-coat';
    case OutdoorCoat = 'outdoor-coat';
    case Spirit = 'spirit';
    case Water = 'water';
    case Bleach = 'bleach';
    case Neutraliser = 'neutraliser';
    case Conditioner = 'conditioner';
    case SprayPaint = 'spray-paint';

    /** Lightness that parts a pale wax from a dark one. */
    private const PALE = 60.0;

    public function isPlayedBy(Material $of): bool
    {
        $is = static fn (MaterialKind $kind, LookKind $look): bool => $kind === $of->kind && $look === $of->look->kind;

        return match ($this) {
            self::Paint => $is(MaterialKind::Paint, LookKind::Opaque) && Carrier::Water === $of->body->carrier,
            self::MilkPaint => $is(MaterialKind::Paint, LookKind::Opaque) && Carrier::Dry === $of->body->carrier,
            self::Metal => $is(MaterialKind::Paint, LookKind::Flake),
            self::Dye => $is(MaterialKind::Stain, LookKind::Stain) && Carrier::Water === $of->body->carrier,
            self::OilStain => $is(MaterialKind::Stain, LookKind::Stain) && Carrier::Water !== $of->body->carrier,
            self::GelStain => $is(MaterialKind::Stain, LookKind::Translucent),
            self::Resist => MaterialKind::Resist === $of->kind,
            self::ClearWax => $is(MaterialKind::Wax, LookKind::Clear),
            self::DarkWax => $is(MaterialKind::Wax, LookKind::Translucent) && self::lightness($of) < self::PALE,
            self::PaleWax => $is(MaterialKind::Wax, LookKind::Translucent) && self::lightness($of) >= self::PALE,
            self::GildingWax => $is(MaterialKind::Wax, LookKind::Flake),
            self::Oil => MaterialKind::Oil === $of->kind,
            self::Shellac => MaterialKind::Topcoat === $of->kind && Carrier::Alcohol === $of->body->carrier,
            self::ClearCoat => MaterialKind::Topcoat === $of->kind && Carrier::Water === $of->body->carrier,
            self::Water => MaterialKind::Thinner === $of->kind && Carrier::Water === $of->body->carrier && 0.0 === $of->body->solids,
            self::Bleach => MaterialKind::Bleach === $of->kind,
            self::Neutraliser => MaterialKind::Neutraliser === $of->kind,
            self::Conditioner => MaterialKind::Conditioner === $of->kind,
            self::SprayPaint => $is(MaterialKind::Paint, LookKind::Opaque) && Carrier::Solvent === $of->body->carrier,
            self::OutdoorCoat => MaterialKind::Topcoat === $of->kind && $of->outdoors,
            self::Spirit => MaterialKind::Thinner === $of->kind && \in_array($of->body->carrier, [Carrier::Oil, Carrier::Solvent], true),
        };
    }

    private static function lightness(Material $of): float
    {
        return null === $of->look->colour ? 0.0 : Lab::of($of->look->colour)->l;
    }
}
