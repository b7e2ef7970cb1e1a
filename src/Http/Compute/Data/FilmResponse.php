<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\Core\Film\CoatFilm;
use Inlaid\Core\Film\CoatNeed;

/**
 * The film of one coat, null where nothing makes one, and what each coat takes.
 */
final readonly class FilmResponse
{
    /**
     * @param list<CoatNeed> $needs
     */
    public function __construct(public ?CoatFilm $film, public array $needs)
    {
    }
}
