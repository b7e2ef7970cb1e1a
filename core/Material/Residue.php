<?php

declare(strict_types=1);

namespace Inlaid\Core\Material;

/**
 * What the label of a stripper, a bleach or a cleaner asks for to take off what is left of it.
 */
enum Residue: string
{
    case Water = 'water';
    case Spirit = 'spirit';
    case Alcohol = 'alcohol';
    case Acid = 'acid';
    case Alkali = 'alkali';

    public function inWords(): string
    {
        return match ($this) {
            self::Water => 'water',
            self::Spirit => 'mineral spirit',
            self::Alcohol => 'alcohol',
            self::Acid => 'mildly acid rinse',
            self::Alkali => 'mildly alkaline rinse',
        };
    }

    public function isTakenOffBy(Material $m): bool
    {
        return match ($this) {
            self::Water => $m->isWater(),
            self::Spirit => MaterialKind::Thinner === $m->kind && \in_array($m->body->carrier, [Carrier::Solvent, Carrier::Oil], true),
            self::Alcohol => MaterialKind::Thinner === $m->kind && Carrier::Alcohol === $m->body->carrier,
            self::Acid => MaterialKind::Neutraliser === $m->kind && \in_array(Hazard::Acid, $m->hazards, true),
            self::Alkali => MaterialKind::Neutraliser === $m->kind && !\in_array(Hazard::Acid, $m->hazards, true),
        };
    }
}
