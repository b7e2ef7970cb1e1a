<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots;

use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Http\Mixing\InPot;

/**
 * A pot that was mixed: what it is to be, and what was really poured in. Without a day it is to be used by the pot life of the mix, where
 * that is known.
 */
final readonly class PotMixed
{
    /**
     * @param list<RawJson> $materials schema material
     * @param list<RawJson> $mixes     schema mix
     * @param RawJson       $of        schema named
     * @param list<InPot>   $holds
     */
    public function __construct(
        public string $name,
        public array $materials,
        public array $mixes,
        public RawJson $of,
        public array $holds,
        public string $place = '',
        public ?string $useBy = null,
        public ?string $recipe = null,
        public ?string $step = null,
    ) {
    }
}
