<?php

declare(strict_types=1);

namespace Inlaid\Core\Preview;

use Inlaid\Core\Batch\PourPreview;
use Inlaid\Core\Batch\Remark;
use Inlaid\Core\Drying\Forecast;
use Inlaid\Core\Film\Sections;
use Inlaid\Core\Technique\Effect;
use Inlaid\Core\Work\Cost;
use Inlaid\Core\Work\LayoutPreview;
use Inlaid\Core\Work\Reached;

/**
 * One step, worked out.
 *
 * Immutable. `area` in m²; `handsOn` in minutes for one coat, of them `setUp` to make ready and clean the tool and `handling` to
 * take up, turn and put down the parts; `rounds` where it is open how often it is done; `lays` 2 where parts are
 * turned between their sides;
 * `removes` µm it takes off in all, null where it takes nothing; `another` what one more coat of it would cost.
 */
final readonly class StepPreview
{
    /**
     * @param list<string>  $order    names of its parts, in the order they are laid
     * @param list<Reached> $reaches  what it gets to without being meant for it
     * @param list<Remark>  $remarks
     * @param list<string>  $cautions
     * @param list<string>  $own      what is reckoned as the painter's log tells, and not as is typical
     */
    public function __construct(
        public string $id,
        public int $number,
        public string $name,
        public string $technique,
        public Effect $effect,
        public float $area,
        public int $coats,
        public ?RoundsPreview $rounds,
        public int $lays,
        public int $handsOn,
        public int $setUp,
        public int $handling,
        public ?float $removes,
        public Cost $cost,
        public Cost $another,
        public ?FilmPreview $film,
        public ?PourPreview $pour,
        public ?Forecast $drying,
        public array $order,
        public array $reaches,
        public ?MaskingPreview $masking,
        public ?LayoutPreview $layout,
        public ?Sections $sections,
        public array $remarks,
        public array $cautions,
        public array $own,
    ) {
    }
}
