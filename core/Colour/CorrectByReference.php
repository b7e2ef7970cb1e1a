<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * Corrects a colour in a photo by a neutral reference in the same photo: each channel × what the reference reflects ÷ what it shows (von Kries, in linear sRGB).
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

    private const UNEVEN = 'The spot is not of one colour: read a plainer place, or take what is read for its mean.';
    private const AS_SHOWN = 'It is what the picture shows. In what light it was taken, and what the camera did to it, nobody can tell from it.';
    private const CANNOT = [
        'It takes out the colour and the strength of the light, if the same light falls on the board and on the reference.',
        'It cannot take out a shadow or a shine on one of the two, two different lights, or what the camera does to colours by itself.',
        'It is good for telling patches of one photo apart. It is no measured colour: hold the patch itself to the target before you decide.',
    ];

    /** Where there is no reference: as the picture shows it. */
    public function none(Spot $patch): CorrectedColour
    {
        return new CorrectedColour($patch->mean->colour(), $patch->mean->colour(), $patch->spread > self::EVEN ? [self::UNEVEN] : [], [self::AS_SHOWN]);
    }

    /**
     * @param float $reflects share of the light that the reference reflects
     *
     * @throws InvalidColour if the reference is blown out, too dark, or no reference
     */
    public function correct(Spot $patch, Spot $reference, float $reflects): CorrectedColour
    {
        if (!is_finite($reflects) || $reflects < 0.02 || $reflects > 0.98) {
            throw InvalidColour::noCard();
        }
        $shown = $reference->mean->channels();
        if (max($shown) > self::WHITE) {
            throw InvalidColour::blownOut();
        }
        if (min($shown) < self::BLACK) {
            throw InvalidColour::tooDark();
        }
        $true = array_map(static fn (float $v, float $ref): float => $v * $reflects / $ref, $patch->mean->channels(), $shown);
        $remarks = array_keys(array_filter([
            self::UNEVEN => $patch->spread > self::EVEN,
            'The reference is not even: something shades it, or the spot reaches over its edge.' => $reference->spread > self::EVEN,
            'The light is so coloured that what is left after correcting is a guess.' => max($shown) > self::MOST_CAST * min($shown),
            'Brighter than white after correcting: the reference lay darker than the patch, or shines less.' => max($true) > 1.0,
            'The patch is blown out in the picture: its true colour is lost.' => max($patch->mean->channels()) > self::WHITE,
        ]));

        return new CorrectedColour((new Light(...$true))->colour(), $patch->mean->colour(), $remarks, self::CANNOT);
    }
}
