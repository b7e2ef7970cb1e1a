<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\App\Exchange\Json;
use Inlaid\Core\Recipe\WaitUntil;

/**
 * Steps of a recipe document, put in and done once more.
 */
final class StepList
{
    /**
     * What was last waits for nothing: with a step after it, it waits until it can be recoated.
     *
     * @param list<\stdClass> $steps
     * @param string|null     $before the id of a step; the end if null, or if there is no such step
     *
     * @return list<\stdClass>
     */
    public static function placed(array $steps, \stdClass $step, ?string $before): array
    {
        $at = null === $before ? false : array_search($before, array_column($steps, 'id'), true);
        if (false === $at && null !== $last = array_pop($steps)) {
            $steps[] = self::readyForMore($last);
        }
        array_splice($steps, false === $at ? \count($steps) : $at, 0, [$step]);

        return $steps;
    }

    /**
     * Something nobody planned, with the materials and mixes it brings along.
     *
     * @param \stdClass   $does   `step` without an id, `materials` and `mixes`
     * @param string|null $before the id of a step; the end if null, or if there is no such step
     */
    public static function improvise(\stdClass $doc, \stdClass $does, string $id, ?string $before): void
    {
        $step = ($does->step ?? null) instanceof \stdClass ? clone $does->step : new \stdClass();
        $step->id = $id;
        foreach (['materials', 'mixes'] as $list) {
            $there = array_column(Json::objects($doc, $list), 'id');
            $new = array_filter(
                \is_array($does->{$list} ?? null) ? $does->{$list} : [],
                static fn (mixed $o): bool => !$o instanceof \stdClass || !\in_array($o->id ?? null, $there, true),
            );
            $doc->{$list} = [...Json::objects($doc, $list), ...array_values($new)];
        }
        $doc->steps = self::placed(Json::objects($doc, 'steps'), $step, $before);
    }

    private static function readyForMore(\stdClass $last): \stdClass
    {
        $wait = $last->wait ?? null;
        if (!$wait instanceof \stdClass || WaitUntil::Nothing->value !== $wait->until) {
            return $last;
        }
        $waits = clone $last;
        $waits->wait = (object) ['until' => WaitUntil::Recoat->value];

        return $waits;
    }

    /** The same step under another id: one coat of it, without what it is repeated for. */
    public static function once(\stdClass $step, string $id): \stdClass
    {
        $copy = clone $step;
        [$copy->id, $copy->coats] = [$id, 1];
        unset($copy->repeat);

        return $copy;
    }
}
