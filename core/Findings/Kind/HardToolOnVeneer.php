<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Findings\WorkOutSanding;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Technique\Tool;

/**
 * Machine or metal scraper on thin veneer.
 */
final class HardToolOnVeneer implements Rule
{
    /** A sawn veneer of a millimetre or more bears both. */
    private const THIN = 1.0;
    /** The share of a veneer that a machine may take: a light pass with fine paper. */
    private const BEARS = 0.05;

    public function __construct(private WorkOutSanding $sanding = new WorkOutSanding())
    {
    }

    public function key(): string
    {
        return 'hard-tool-on-veneer';
    }

    public function name(): string
    {
        return 'Machine or metal scraper on thin veneer';
    }

    public function reason(): string
    {
        return 'A sander goes through 0.5 mm before you feel it. A steel edge lifts softened veneer.';
    }

    public function source(): string
    {
        return 'Finishing practice: bite of machine and steel against the thickness of a face veneer.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        foreach ($whole->works as $work) {
            $tool = $work->step->tool();
            $part = Tool::Machine === $tool || Tool::MetalScraper === $tool
                ? RecipeAnalysis::firstOf(
                    $whole->recipe->partsOf($work->step),
                    static fn (PiecePart $p): bool => ($p->substrate->faceVeneer() ?? 9.9) < self::THIN,
                )
                : null;
            $sealed = null !== $part && null !== RecipeAnalysis::first($whole->before($work, $part), RecipeAnalysis::seals(...));
            $takesLittle = null !== $part && Tool::Machine === $tool
                && $work->removes(Scenario::Most) <= self::BEARS * 1000 * ($part->substrate->faceVeneer() ?? 0.0);
            if (null !== $part && !$sealed && !$takesLittle && !$this->sanding->budget($whole, $part)->goesThrough()) {
                [$other, $how] = Tool::Machine === $tool ? [Tool::Hand, 'Sand by hand'] : [Tool::PlasticScraper, 'Use a plastic scraper'];
                yield Finding::of(
                    rule: $this,
                    severity: Severity::Warn,
                    steps: [$work->step->id],
                    why: \sprintf(
                        'Veneer on %s is %s mm: too thin for %s.',
                        $part->name,
                        ExactNumber::plain($part->substrate->faceVeneer() ?? 0.0),
                        Tool::Machine === $tool ? 'a sanding machine' : $tool->inWords(),
                    ),
                    remedies: [
                        new Remedy('gently', $how, Edit::change($work->step->id, StepChange::tool($other))),
                    ],
                );
            }
        }
    }
}
