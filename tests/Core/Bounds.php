<?php

declare(strict_types=1);

namespace Inlaid\Tests\Core;

use Inlaid\Core\ValidationError;

/**
 * Figures that can be true up to an edge and no further.
 */
trait Bounds
{
    /**
     * @param \Closure(float): mixed $make
     * @param float|null             $least  itself true; null for any
     * @param float|null             $most   itself true; null for any
     * @param float                  $beyond how far over the edge it is refused
     */
    private static function assertBounds(\Closure $make, ?float $least, ?float $most, float $beyond, string $says): void
    {
        foreach ([[$least, -$beyond], [$most, $beyond]] as [$edge, $further]) {
            if (null === $edge) {
                continue;
            }
            self::assertNotNull($make($edge), 'the edge itself is true');
            self::assertSame($says, self::refusal(static fn () => $make($edge + $further)));
        }
    }

    /** What is said when it is refused; null where it is not. */
    private static function refusal(\Closure $make): ?string
    {
        try {
            $make();

            return null;
        } catch (ValidationError $error) {
            return $error->getMessage();
        }
    }
}
