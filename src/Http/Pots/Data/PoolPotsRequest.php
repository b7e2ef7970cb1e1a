<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots\Data;

use Inlaid\App\Http\Api\Field\Day;
use Inlaid\App\Http\Api\Field\Length;
use Inlaid\App\Http\Api\Field\Most;
use Inlaid\App\Http\Api\MaterialAmount;

/**
 * A new pot of what is taken from others; one other to pour some of it off. It is meant to be what the first of them is.
 */
final readonly class PoolPotsRequest
{
    /**
     * @param list<PotShare>       $from
     * @param list<MaterialAmount> $add
     */
    public function __construct(
        #[Length(120)]
        public string $name,
        #[Most(12)]
        public array $from,
        public array $add = [],
        #[Length(120)]
        public string $place = '',
        #[Day]
        public ?\DateTimeImmutable $useBy = null,
    ) {
    }
}
