<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Json;

/**
 * A finished piece that a client is shown.
 *
 * Immutable. `label` A, B, C or D; `recipe` the one in the book that it is, null where it was only proposed.
 */
final readonly class OfferedLook
{
    /**
     * @param mixed $document schema recipe
     * @param mixed $painting schema Painting
     */
    public function __construct(
        public string $label,
        public string $name,
        public ?string $recipe,
        public mixed $document,
        public mixed $painting,
    ) {
    }

    /**
     * @return list<self>
     */
    public static function all(string $looks): array
    {
        return Node::read((object) ['looks' => Json::decode($looks)], static fn (Node $n): array => $n->list(
            'looks',
            static fn (Node $l): self => new self(
                label: $l->string('label', 1),
                name: $l->string('name', 120),
                recipe: $l->has('recipe') ? $l->string('recipe', 26) : null,
                document: $l->child('document')->raw(),
                painting: $l->child('painting')->raw(),
            ),
        ));
    }
}
