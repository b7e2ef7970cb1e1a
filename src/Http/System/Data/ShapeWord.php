<?php

declare(strict_types=1);

namespace Inlaid\App\Http\System\Data;

use Inlaid\Core\Piece\Shape\Face;
use Inlaid\Core\Piece\Shape\Shape;
use Inlaid\Core\Piece\Shape\Size;

/**
 * A shape with what it asks for.
 */
final readonly class ShapeWord
{
    /**
     * @param list<Size> $sizes
     * @param list<Face> $faces
     */
    public function __construct(public string $key, public string $name, public array $sizes, public array $faces)
    {
    }

    public static function of(Shape $shape): self
    {
        return new self(key: $shape->key(), name: $shape->name(), sizes: $shape->sizes(), faces: $shape->faces());
    }
}
