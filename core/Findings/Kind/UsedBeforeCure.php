<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Remedy;
use Inlaid\Core\Findings\Rule;

/**
 * Piece is in use before it has cured.
 */
final class UsedBeforeCure implements Rule
{
    public function key(): string
    {
        return 'used-before-cure';
    }

    public function name(): string
    {
        return 'Piece is in use before it has cured';
    }

    public function reason(): string
    {
        return 'A film that feels dry stays soft for weeks. Things stick to it, dent it and scratch it.';
    }

    public function source(): string
    {
        return 'Coatings science: cure goes on long after a film is dry.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $from = $whole->recipe->piece->use->from;
        [$ready, $cured] = [$whole->planned->plan->readyOn, $whole->planned->plan->curedOn];
        $last = RecipeAnalysis::last($whole->works, RecipeAnalysis::lays(...));
        if (null === $from || null === $ready || null === $cured || null === $last || $from >= substr($cured, 0, 10)) {
            return;
        }
        $early = $from < substr($ready, 0, 10);
        yield Finding::of(rule: $this, severity: $early ? Severity::Stop : Severity::Warn, steps: [$last->step->id], why: $early
            ? \sprintf('In use from %s, but through-dry only on %s.', self::day($from), self::day($ready))
            : \sprintf('In use from %s, but cured only on %s.', self::day($from), self::day($cured)), remedies: [
                new Remedy('later', \sprintf('Move first use to %s', self::day($cured)), Edit::useFrom(substr($cured, 0, 10))),
            ]);
    }

    private static function day(string $date): string
    {
        return (
            \DateTimeImmutable::createFromFormat('!Y-m-d', substr($date, 0, 10)) ?: throw new \LogicException('A plan has dates.')
        )->format('j M Y');
    }
}
