<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Document\RecipeDocument;
use Inlaid\App\Exchange\RawJson;
use Inlaid\Core\Design\Family;
use Inlaid\Core\Design\Risk;
use Inlaid\Core\Design\Wish;
use Inlaid\Core\Look\StackPreview;
use Inlaid\Core\Preview\Preview;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Technique\Zone;

/**
 * A whole recipe that comes near a look.
 *
 * Immutable. `apart` ΔE by the shares of the zones; `contrast` ΔE within the flat; `minutes` hands-on; `sure` ΔE by which it moves at the
 * worst; `buy` names of what is not on the shelf.
 */
final readonly class Proposal
{
    /** What nobody sees, ΔE: within it what is surer, quicker and cheaper comes first. */
    private const UNSEEN = 0.5;
    private const RISKS = 3;

    /**
     * @param RawJson          $document schema recipe
     * @param list<Near>       $zones
     * @param list<RiskToldOf> $risks
     * @param list<string>     $buy
     */
    private function __construct(
        public string $family,
        public string $name,
        public string $says,
        public RawJson $document,
        public Preview $preview,
        public string $stack,
        public array $zones,
        public float $apart,
        public float $contrast,
        public int $minutes,
        public ?string $readyOn,
        public ?float $cost,
        public array $buy,
        public array $risks,
        public float $sure,
    ) {
    }

    /**
     * @param list<Risk>   $risks
     * @param list<string> $buy
     */
    public static function of(
        Family $family,
        RecipeDocument $made,
        Preview $preview,
        StackPreview $stack,
        Wish $wish,
        array $risks,
        array $buy,
    ): self {
        $zones = [];
        $apart = 0.0;
        foreach ($wish->shares as $zone => $share) {
            $near = Near::of($zone, $stack, $wish);
            $zones[] = $near;
            $apart += $share * $near->apart;
        }
        $titles = array_map(static fn (Step $s): string => $s->name(), $made->recipe->stepsById());

        return new self(
            family: $family->key,
            name: $family->name,
            says: $family->says,
            document: new RawJson($made->text),
            preview: $preview,
            stack: $stack->id,
            zones: $zones,
            apart: round($apart, 2),
            contrast: round($stack->laid()->end(Zone::Field)->contrast(), 2),
            minutes: $preview->plan->handsOn,
            readyOn: $preview->plan->readyOn,
            cost: $preview->cost->whole,
            buy: $buy,
            risks: array_map(
                static fn (Risk $r): RiskToldOf => new RiskToldOf(
                    null === $r->step ? null : $titles[$r->step] ?? null,
                    $r->slip,
                    round($r->apart, 1),
                ),
                \array_slice($risks, 0, self::RISKS),
            ),
            sure: round($risks[0]->apart ?? 0.0, 1),
        );
    }

    /**
     * What comes first: what is nearer, and of what looks the same the surer, the quicker, the cheaper.
     *
     * @return array{float, float, int, float}
     */
    public function rank(): array
    {
        return [floor($this->apart / self::UNSEEN), $this->sure, $this->minutes, $this->cost ?? \INF];
    }
}
