<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Compute\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Between;
use Inlaid\Core\Film\FilmWeight;

/**
 * A mix, how it is laid and on how much: `area` in m², `absorption` of the first coat against a sealed ground.
 */
final readonly class FilmRequest
{
    /**
     * @param list<Document> $materials schema material
     * @param list<Document> $mixes     schema mix
     * @param Document       $of        schema named
     */
    public function __construct(
        public array $materials,
        public array $mixes,
        public Document $of,
        public string $technique,
        #[Between(0.0001, 1000, 'Enter 0.0001 to 1000')]
        public float $area,
        #[Between(1, 50, 'Enter 1 to 50')]
        public int $coats,
        public FilmWeight $weight = FilmWeight::Normal,
        #[Between(0, 1, 'Enter 0 to 1')]
        public ?float $left = null,
        #[Between(0.5, 5, 'Enter 0.5 to 5')]
        public float $absorption = 1.0,
    ) {
    }
}
