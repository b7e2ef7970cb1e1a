<?php

declare(strict_types=1);

namespace Inlaid\Core\Design;

use Inlaid\Core\Colour\Lab;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Material\LookKind;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Practice\WorkingDefaults;

/**
 * Finds which one material more would bring a look nearest: in each step of the nearest finishes for which colours are mixed, a colour that
 * is moved by what the look is still off, until it comes no nearer.
 */
final readonly class FindPurchase
{
    /** Finishes it is looked for in, and how often a colour is moved. */
    private const SCHEMES = 12;
    private const MOVES = 6;
    private const PATCHES = 10;

    public function __construct(private BuildSchemeLook $look = new BuildSchemeLook())
    {
    }

    /**
     * @param list<Found> $found the nearest first
     *
     * @return Purchase|null null where nothing brings it nearer than it is
     */
    public function find(array $found, Wish $wish, Climate $climate, WorkingDefaults $habits): ?Purchase
    {
        $best = null;
        $least = $found[0]->cost ?? \INF;
        foreach (\array_slice($found, 0, self::SCHEMES) as $of) {
            foreach ($of->scheme->slots as $at => $slot) {
                $purchase = $slot->mixes ? $this->forSlot(of: $of, at: $at, wish: $wish, climate: $climate, habits: $habits) : null;
                if (null !== $purchase && $purchase->brings < $least) {
                    [$least, $best] = [$purchase->brings, $purchase];
                }
            }
        }

        return $best;
    }

    private function forSlot(Found $of, int $at, Wish $wish, Climate $climate, WorkingDefaults $habits): ?Purchase
    {
        $slot = $of->scheme->slots[$at];
        $like = $slot->materials[array_keys($of->choices[$at]->parts)[0] ?? 0];
        if (!$like instanceof Material || LookKind::Opaque !== $like->look->kind || null === $like->look->believed()) {
            return null;
        }
        $zone = array_keys($wish->shares)[0];
        $wanted = $wish->colours[$zone];
        $colour = Lab::of($like->look->believed());
        $best = null;
        for ($move = 0; $move < self::MOVES; ++$move) {
            $material = $like->coloured($colour->light()->colour());
            $look = $this->look->open(
                scheme: new Scheme(
                    key: $of->scheme->key,
                    part: $of->scheme->part,
                    works: $of->scheme->works,
                    slots: array_replace($of->scheme->slots, [$at => $slot->with($material)]),
                ),
                wish: $wish,
                climate: $climate,
                habits: $habits,
                patches: self::PATCHES,
            );
            $look->set(array_replace($of->choices, [$at => $of->choices[$at]->laying([\count($slot->materials) => 1])]));
            $cost = $look->cost();
            if ($cost < ($best->brings ?? \INF)) {
                $best = new Purchase(
                    scheme: $of->scheme,
                    step: $slot->step->title,
                    like: $like,
                    colour: $material->look->believed() ?? throw new \LogicException('It was given a colour.'),
                    brings: $cost,
                );
            }
            $is = $look->ends()[$zone]->lab();
            $colour = new Lab(
                max(0.0, min(100.0, $colour->l + $wanted->l - $is->l)),
                $colour->a + $wanted->a - $is->a,
                $colour->b + $wanted->b - $is->b,
            );
        }

        return $best;
    }
}
