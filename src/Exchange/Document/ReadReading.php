<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\Core\Colour\Colour;

/**
 * Reads what was read of a patch of a board: a colour and how it was read, notes, a rating.
 */
final class ReadReading
{
    private const HOW = ['typed', 'photo'];

    /**
     * @return array{colour?: string, how?: string, photo?: string, note?: string, rating?: int} what was said
     */
    public function read(Node $n): array
    {
        $n->fields('colour', 'how', 'photo', 'note', 'rating');
        $colour = $n->has('colour') ? $n->make(static fn (): Colour => Colour::of($n->string('colour')), 'colour')->hex : null;
        $how = $n->has('how') ? $n->string('how') : null;
        if (!\in_array($how, [null, ...self::HOW], true)) {
            $n->refuse('how', 'Choose "typed" or "photo"');
        }
        $rating = $n->intOrNull('rating');
        if (null !== $rating && ($rating < 1 || $rating > 5)) {
            $n->refuse('rating', 'Enter a rating from 1 to 5');
        }

        return array_filter([
            'colour' => $colour,
            'how' => $how,
            'photo' => $n->has('photo') ? $n->id('photo') : null,
            'note' => trim($n->text('note')),
            'rating' => $rating,
        ]);
    }
}
