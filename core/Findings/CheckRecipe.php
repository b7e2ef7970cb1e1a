<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings;

use Inlaid\Core\Work\StepCalculation;

/**
 * Lets every rule look at a recipe; the gravest finding comes first, then the earliest in the work.
 */
final readonly class CheckRecipe
{
    /** @var list<Rule> */
    private array $rules;

    /**
     * @param iterable<Rule> $rules
     */
    public function __construct(iterable $rules)
    {
        $all = [...$rules];
        usort($all, static fn (Rule $a, Rule $b): int => $a->key() <=> $b->key());
        $this->rules = $all;
    }

    /**
     * @return list<Rule> by key
     */
    public function rules(): array
    {
        return $this->rules;
    }

    /**
     * @return list<Finding>
     */
    public function check(RecipeAnalysis $whole): array
    {
        $findings = [];
        foreach ($this->rules as $rule) {
            foreach ($rule->check($whole) as $finding) {
                $findings[] = $finding->acceptedFor($whole->recipe->accepted[$finding->key] ?? null);
            }
        }
        $number = array_column(array_map(static fn (StepCalculation $w): array => [$w->step->id, $w->number], $whole->works), 1, 0);
        usort($findings, static fn (Finding $a, Finding $b): int => $b->severity->rank() <=> $a->severity->rank()
            ?: ($number[$a->steps[0] ?? ''] ?? 0) <=> ($number[$b->steps[0] ?? ''] ?? 0) ?: $a->key <=> $b->key);

        return $findings;
    }
}
