<?php

declare(strict_types=1);

namespace Inlaid\Core\Practice\Kind;

use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Practice\Choice;
use Inlaid\Core\Practice\Practice;
use Inlaid\Core\Practice\WorkingDefaults;

/**
 * Thin coats and many of them, or few and heavy: it sets the film of every coat whose step does not say.
 */
final class CoatThickness implements Practice
{
    public function key(): string
    {
        return 'coat-thickness';
    }

    public function question(): string
    {
        return 'Default coat thickness';
    }

    public function choices(): array
    {
        return [
            new Choice('as-label', 'As on the label', 'The label\'s spread rate and times are for this film.'),
            new Choice('thin-many', 'thin, more coats', 'Thin coats dry evenly, show no brush marks and bury less of the layers below.'),
            new Choice('heavy-few', 'heavy, fewer coats', 'A heavy coat hides at once and leaves texture for later coats.'),
        ];
    }

    public function apply(WorkingDefaults $habits, string $choice): WorkingDefaults
    {
        return $habits->withWeight(match ($choice) {
            'thin-many' => FilmWeight::Thin,
            'heavy-few' => FilmWeight::Heavy,
            default => FilmWeight::Normal,
        });
    }
}
