<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings;

/**
 * Something of the craft that a recipe can get wrong. One class each; it reads the whole recipe, worked out.
 *
 * A rule that fires on good work is as wrong as one that misses.
 */
interface Rule
{
    /** Small letters and hyphens. */
    public function key(): string;

    /** What it is about, as the head of its entry in the catalogue. */
    public function name(): string;

    /** Why it holds: general craft or science, in a sentence or two. */
    public function reason(): string;

    /** Where that is known from: general craft or science, never a maker's literature. */
    public function source(): string;

    /**
     * @return iterable<Finding>
     */
    public function check(RecipeAnalysis $whole): iterable;
}
