<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Practice\WorkingDefaults;
use Inlaid\Core\Surface\BuildSurface;
use Inlaid\Core\Work\DescribeSurfaceStep;
use Inlaid\Core\Work\WorkOutSteps;

/**
 * Opens a scheme so that its choices can be tried against a wish.
 */
final readonly class BuildSchemeLook
{
    public function __construct(
        private WorkOutSteps $steps = new WorkOutSteps(),
        private DescribeSurfaceStep $describe = new DescribeSurfaceStep(),
        private BuildSurface $build = new BuildSurface(),
    ) {
    }

    /**
     * @param int<1, max>    $patches kept in a zone
     * @param LooksLeft|null $left    as many as are asked for where none is given
     */
    public function open(
        Scheme $scheme,
        Wish $wish,
        Climate $climate,
        WorkingDefaults $habits,
        int $patches,
        ?LooksLeft $left = null,
    ): SchemeLook {
        return new SchemeLook(
            scheme: $scheme,
            wish: $wish,
            climate: $climate,
            habits: $habits,
            steps: $this->steps,
            describe: $this->describe,
            build: $this->build,
            patches: $patches,
            left: $left ?? new LooksLeft(\PHP_INT_MAX, static fn (): bool => false),
        );
    }
}
