<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Pots\Data;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\RawJson;
use Inlaid\App\Store\Entity\StoredPot;
use Inlaid\Core\Batch\PotPreview;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Mixing\Contents;

/**
 * A pot: what it is called, where it stands, when it was made and is to be used by, what for, and what is in it now; null where it is
 * empty. Times in the studio's zone, days
 * as 2026-11-25.
 */
final readonly class PotResponse
{
    /**
     * @param list<RawJson> $materials schema material
     * @param list<RawJson> $mixes     schema mix
     * @param RawJson       $of        schema named
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $place,
        public string $madeAt,
        public ?string $useBy,
        public ?string $recipe,
        public ?string $step,
        public ?PotPreview $holds,
        public array $materials,
        public array $mixes,
        public RawJson $of,
    ) {
    }

    public static function of(StoredPot $pot, Contents $contents, Context $context): self
    {
        $raw = static fn (Node $n): RawJson => new RawJson(Json::encode($n->raw()));
        [$materials, $mixes, $of] = Node::read(
            Json::decode($pot->document),
            static fn (Node $n): array => [
                $n->list('materials', $raw, \PHP_INT_MAX),
                $n->list('mixes', $raw, \PHP_INT_MAX),
                $raw($n->child('of')),
            ],
        );

        return new self(
            id: $pot->id,
            name: $pot->name,
            place: $pot->place,
            madeAt: $pot->madeAt->setTimezone($context->working->zone)->format(\DATE_ATOM),
            useBy: $pot->useBy?->format('Y-m-d'),
            recipe: $pot->recipeId,
            step: $pot->stepId,
            holds: $contents->isEmpty() ? null : PotPreview::of($contents, $context->units),
            materials: $materials,
            mixes: $mixes,
            of: $of,
        );
    }
}
