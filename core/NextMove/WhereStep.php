<?php

declare(strict_types=1);

namespace Inlaid\Core\NextMove;

use Inlaid\Core\Context\Context;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\Amount;
use Inlaid\Core\MixBench\MatchPart;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Recipe\DescribeStep;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Work\StepCalculation;

/**
 * One step of a move: what is laid how, how much of it, and how long it dries before more can follow.
 *
 * Immutable. `parts` the materials by id with their shares, one where it is laid as it comes; `recoat` in minutes, null where the air
 * allows no promise.
 */
final readonly class WhereStep
{
    /**
     * @param non-empty-list<MatchPart> $parts
     */
    public function __construct(
        public string $technique,
        public string $name,
        public string $says,
        public Purpose $purpose,
        public array $parts,
        public int $coats,
        public ?Amount $need,
        public ?int $recoat,
    ) {
    }

    public static function of(StepCalculation $work, Context $context): self
    {
        $uses = $work->step->uses;
        $parts = $uses instanceof Mixture
            ? array_map(
                static fn ($p): MatchPart => new MatchPart(
                    $p->of instanceof Material ? $p->of->id : '',
                    $p->of->name,
                    (int) $p->share->toFloat(),
                ),
                $uses->parts,
            )
            : [new MatchPart($uses->id ?? '', $uses->name ?? '', 1)];

        return new self(
            technique: $work->step->technique->key(),
            name: $work->step->technique->name(),
            says: ($uses instanceof Mixture ? DescribeStep::mix($uses) : $uses->name ?? '').(
                $work->step->coats > 1 ? \sprintf(', %d coats', $work->step->coats) : ''
            ),
            purpose: $work->step->intent->purpose,
            parts: $parts,
            coats: $work->step->coats,
            need: null === $work->mix ? null : Amount::of($work->poured(), $context->units),
            recoat: $work->drying?->recoat->planned,
        );
    }
}
