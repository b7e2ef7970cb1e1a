<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings;

use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\MaterialRequirement;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Recipe\Repeat;
use Inlaid\Core\Recipe\WaitUntil;

/**
 * A way to clear a finding: what it says it does, and the changes that do it.
 *
 * Immutable.
 */
final readonly class Remedy
{
    /** @var non-empty-list<Edit> */
    public array $edits;

    public function __construct(public string $key, public string $text, Edit ...$edits)
    {
        $all = array_values($edits);
        \assert([] !== $all);
        $this->edits = $all;
    }

    /**
     * Takes off what lies on parts, and rinses, before a step.
     *
     * @param list<string> $parts ids; none for the whole piece
     */
    public static function strip(string $text, string $title, array $parts, string $before): self
    {
        return new self(
            'strip',
            $text,
            Edit::insert(
                new NewStep(
                    title: $title,
                    technique: 'stripped',
                    parts: $parts,
                    uses: MaterialRequirement::stripper(),
                    repeat: Repeat::of(Criterion::Bare, 1, 3),
                ),
                $before,
            ),
            Edit::insert(
                new NewStep(
                    title: 'Rinse',
                    technique: 'rinsed',
                    parts: $parts,
                    uses: MaterialRequirement::water(),
                    coats: 2,
                    wait: WaitUntil::Recoat,
                ),
                $before,
            ),
        );
    }
}
