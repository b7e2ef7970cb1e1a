<?php

declare(strict_types=1);

namespace Inlaid\Core\Technique;

/**
 * A way of doing a step. One class each; a new one needs no other file to be touched.
 */
interface Technique
{
    /** The name it has in recipe documents: small letters and hyphens. */
    public function key(): string;

    /** What a painter calls it. */
    public function name(): string;

    /** One line that says what it does. */
    public function does(): string;

    public function profile(): TechniqueProfile;

    /** What it leaves where, done in such a manner. */
    public function pattern(Workmanship $manner): Pattern;
}
