<?php

declare(strict_types=1);

namespace Inlaid\Core\Findings\Kind;

use Inlaid\Core\Batch\Severity;
use Inlaid\Core\Findings\Finding;
use Inlaid\Core\Findings\RecipeAnalysis;
use Inlaid\Core\Findings\Rule;
use Inlaid\Core\Measure\ExactNumber;

/**
 * The air or the surface is not fit for a coat.
 */
final class AirUnfit implements Rule
{
    public function key(): string
    {
        return 'air-unfit';
    }

    public function name(): string
    {
        return 'Too cold, too damp or near the dew point';
    }

    public function reason(): string
    {
        return 'A film that can\'t dry stays soft, clouds or peels. Near the dew point, moisture forms under it.';
    }

    public function source(): string
    {
        return 'Physics: dew point by the Magnus formula; coatings science: the least temperature at which a film forms.';
    }

    public function check(RecipeAnalysis $whole): iterable
    {
        $steps = [];
        foreach ($whole->works as $work) {
            $cold = $whole->planned->chilled[$work->step->id] ?? null;
            $why = $work->drying->stop ?? $work->drying->noPromise ?? (null === $cold ? null : \sprintf(
                'The place falls to %s °C before it is dry; it needs %s °C. Heat the place until then.',
                ExactNumber::plain(round($cold), 0),
                ExactNumber::plain($work->character->handling->lowestTemperature ?? 0.0, 1),
            ));
            if (null !== $why && null !== $work->mix) {
                $steps[$why][] = $work;
            }
        }
        yield from $this->onlyThen($whole);
        foreach ($steps as $why => $works) {
            yield Finding::of(
                rule: $this,
                severity: null !== $works[0]->drying?->stop ? Severity::Stop : Severity::Warn,
                steps: RecipeAnalysis::ids($works),
                why: $why,
            );
        }
    }

    /**
     * What can only be laid in some hours of the day is planned for those.
     *
     * @return iterable<Finding>
     */
    private function onlyThen(RecipeAnalysis $whole): iterable
    {
        $steps = [];
        foreach ($whole->planned->warm as $step => $hours) {
            if (null !== $hours && null === ($whole->planned->chilled[$step] ?? null)) {
                $steps[$hours][] = $step;
            }
        }
        foreach ($steps as $hours => $ids) {
            yield Finding::of(
                rule: $this,
                severity: Severity::Advise,
                steps: $ids,
                why: \sprintf('Where it stands it is warm and dry enough from %s only. It is planned for then.', $hours),
                about: 'hours',
            );
        }
    }
}
