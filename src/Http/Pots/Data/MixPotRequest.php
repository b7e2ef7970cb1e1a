<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots\Data;

use Inlaid\App\Http\Api\Document;
use Inlaid\App\Http\Api\Field\Day;
use Inlaid\App\Http\Api\Field\Id;
use Inlaid\App\Http\Api\Field\Length;
use Inlaid\App\Http\Api\MaterialAmount;

/**
 * A pot that was mixed: what it is to be, and what was really poured in. Without a day it is to be used by the pot life of the mix, where
 * that is known.
 */
final readonly class MixPotRequest
{
    /**
     * @param list<Document>       $materials schema material
     * @param list<Document>       $mixes     schema mix
     * @param Document             $of        schema named
     * @param list<MaterialAmount> $holds
     */
    public function __construct(
        #[Length(120)]
        public string $name,
        public array $materials,
        public array $mixes,
        public Document $of,
        public array $holds,
        #[Length(120)]
        public string $place = '',
        #[Day]
        public ?\DateTimeImmutable $useBy = null,
        #[Id]
        public ?string $recipe = null,
        #[Id]
        public ?string $step = null,
    ) {
    }
}
