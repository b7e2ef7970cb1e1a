<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Inlaid\Core\Colour\Lab;

/**
 * What is looked for in the book.
 *
 * Immutable. `near` a colour its flat is to have; `wood` a species, and `how` the key of a technique by which it is coloured.
 */
final readonly class RecipeSearch
{
    public function __construct(
        public string $query = '',
        public bool $archived = false,
        public ?Lab $near = null,
        public string $wood = '',
        public string $how = '',
        public RecipeOrder $order = RecipeOrder::Changed,
    ) {
    }

    /** Is it the whole book? */
    public function isAll(): bool
    {
        return '' === $this->query.$this->wood.$this->how && null === $this->near;
    }
}
