<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute;

use Inlaid\App\Exchange\RawJson;
use Inlaid\Core\Film\FilmWeight;

/**
 * A mix, how it is laid and on how much: `area` in m², `absorption` of the first coat against a sealed ground.
 */
final readonly class FilmRequest
{
    /**
     * @param list<RawJson> $materials schema material
     * @param list<RawJson> $mixes     schema mix
     * @param RawJson       $of        schema named
     */
    public function __construct(
        public array $materials,
        public array $mixes,
        public RawJson $of,
        public string $technique,
        public float $area,
        public int $coats,
        public ?FilmWeight $weight = null,
        public ?float $left = null,
        public ?float $absorption = null,
    ) {
    }
}
