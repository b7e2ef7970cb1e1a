<?php

declare(strict_types=1);

namespace Inlaid\Core\Look;

/**
 * How the faces of a stack will look: every zone before the first step and after each, what each step adds to it, and what shows at which
 * depth in the end.
 *
 * Immutable. Not `isWhole` where there are too many such faces: then only the ground and the end are told.
 */
final readonly class LookPreview
{
    /**
     * @param list<LookAfter>    $after    the ground, then after each step that touches these faces
     * @param list<LookEffect>   $effects  of the steps that are meant to be seen
     * @param list<LookHides>    $hides    of the steps that are meant to hide
     * @param list<LookAtDepth>  $depths   on the flat, from the surface down
     * @param list<LookBlend>    $blends   of colours that run out over others
     * @param list<LookTarget>   $target   where one is set for these faces
     * @param list<LookSoftened> $softened steps that take much of what was lively
     * @param list<LookAgeing>   $ages     where something ambers
     */
    public function __construct(
        public array $after,
        public array $effects,
        public array $hides,
        public array $depths,
        public array $ages,
        public array $target,
        public array $blends,
        public array $softened = [],
        public bool $isWhole = true,
    ) {
    }
}
