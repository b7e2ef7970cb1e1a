<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * Corrects a colour in a photo by a neutral reference in the same photo: each channel × what the reference reflects ÷ what it shows (von
 * Kries, in linear sRGB).
 *
 * That undoes the colour and the strength of one light that falls on both alike, and nothing else.
 */
final class CorrectByReference
{
    /** A channel at more than this is clipped, at less than that is noise. */
    private const WHITE = 0.97;
    private const BLACK = 0.004;
    /** Channels further apart than this are no daylight or lamp that a photo can be corrected for. */
    private const MOST_CAST = 2.5;
    /** How far in L*a*b* a spot may spread and still be one colour. */
    private const EVEN = 4.0;

    private const UNEVEN = 'The spot has several colours. Choose a plainer place, or use the value as an average.';
    private const AS_SHOWN = 'This is the colour in the picture. The light and the camera may have changed it.';
    private const CANNOT = [
        'The colour and strength of the light are corrected if board and reference are in the same light.',
        'Shadows or shine on one of them, mixed light and the camera\'s own colours are not corrected.',
        'Good for comparing patches within one photo. Hold the patch itself to the target before you decide.',
    ];

    /** Where there is no reference: as the picture shows it. */
    public function none(Spot $patch): CorrectedColour
    {
        return new CorrectedColour(
            colour: $patch->mean->colour(),
            asPhotographed: $patch->mean->colour(),
            remarks: $patch->spread > self::EVEN ? [self::UNEVEN] : [],
            cannot: [self::AS_SHOWN],
        );
    }

    /**
     * @param float $reflects share of the light that the reference reflects
     *
     * @throws InvalidColour if the reference is blown out, too dark, or no reference
     */
    public function correct(Spot $patch, Spot $reference, float $reflects): CorrectedColour
    {
        $shown = $reference->mean->channels();
        $true = array_map(
            static fn (float $v, float $times): float => $v * $times,
            $patch->mean->channels(),
            $this->factors($reference, $reflects),
        );
        $remarks = array_keys(array_filter([
            self::UNEVEN => $patch->spread > self::EVEN,
            'The reference is uneven: shaded, or the spot reaches over its edge.' => $reference->spread > self::EVEN,
            'The light is too coloured to correct reliably.' => max($shown) > self::MOST_CAST * min($shown),
            'Brighter than white after correcting: the reference was in darker light than the patch.' => max($true) > 1.0,
            'The patch is overexposed: its true colour is lost.' => max($patch->mean->channels()) > self::WHITE,
        ]));

        return new CorrectedColour(
            colour: (new Light(...$true))->colour(),
            asPhotographed: $patch->mean->colour(),
            remarks: $remarks,
            cannot: self::CANNOT,
        );
    }

    /**
     * By how much each channel is to be multiplied.
     *
     * @param float $reflects share of the light that the reference reflects
     *
     * @return array{float, float, float}
     *
     * @throws InvalidColour if the reference is blown out, too dark, or no reference
     */
    public function factors(Spot $reference, float $reflects): array
    {
        if (!is_finite($reflects) || $reflects < 0.02 || $reflects > 0.98) {
            throw InvalidColour::noCard();
        }
        [$red, $green, $blue] = $shown = $reference->mean->channels();
        if (max($shown) > self::WHITE) {
            throw InvalidColour::blownOut();
        }
        if (min($shown) < self::BLACK) {
            throw InvalidColour::tooDark();
        }

        return [$reflects / $red, $reflects / $green, $reflects / $blue];
    }
}
