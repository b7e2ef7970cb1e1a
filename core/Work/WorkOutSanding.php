<?php

declare(strict_types=1);

namespace Inlaid\Core\Work;

use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\SubstrateKind;
use Inlaid\Core\Recipe\Scenario;
use Inlaid\Core\Technique\Ability;

/**
 * Sums what all sanding takes from a part before its first coat: the budget of an old finish and of a veneer.
 *
 * What lies on the ground is taken first: of S µm sanded off, an old finish of F µm loses min(S, F) and the wood max(0, S − F). What is
 * stripped before is not there to be sanded. A face veneer whose thickness nobody measured is taken as 0.5 mm.
 */
final class WorkOutSanding
{
    private const THIN_VENEER = 0.5;

    /**
     * The face veneer of a part in mm; null where it is no veneer.
     */
    public static function veneer(PiecePart $part): ?float
    {
        return $part->substrate->veneer ?? (SubstrateKind::Veneer === $part->substrate->kind ? self::THIN_VENEER : null);
    }

    /**
     * The steps that sand what is there before a film closes the ground.
     *
     * @param list<StepCalculation> $works
     *
     * @return list<StepCalculation>
     */
    public static function sanding(PiecePart $part, array $works): array
    {
        return array_values(array_filter(self::untilSealed($part, $works), self::sands(...)));
    }

    /**
     * @param list<StepCalculation> $works
     */
    public function budget(PiecePart $part, array $works): SandingBudget
    {
        $before = self::untilSealed($part, $works);
        $stripped = [] !== array_filter($before, self::strips(...));
        [$finish, $wood] = $this->taken($part, $before, Scenario::Expected);
        [, $most] = $this->taken($part, $before, Scenario::Most);
        $veneer = self::veneer($part);

        return new SandingBudget(
            finish: $stripped ? null : $part->finish->kind->thickness(),
            ofFinish: round($finish, 1),
            veneer: null === $veneer ? null : 1000 * $veneer,
            ofWood: round($wood, 1),
            mostOfWood: round($most, 1),
        );
    }

    /**
     * @param list<StepCalculation> $before
     *
     * @return array{float, float} µm of the old finish and of the wood
     */
    private function taken(PiecePart $part, array $before, Scenario $course): array
    {
        $left = $part->finish->kind->thickness() ?? 0.0;
        $finish = $wood = 0.0;
        foreach ($before as $work) {
            if (self::strips($work)) {
                $left = 0.0;
            }
            if (self::sands($work)) {
                $off = $work->removes($course);
                $ofFinish = min($off, $left);
                $left -= $ofFinish;
                $finish += $ofFinish;
                $wood += $off - $ofFinish;
            }
        }

        return [$finish, $wood];
    }

    /**
     * @param list<StepCalculation> $works
     *
     * @return list<StepCalculation>
     */
    private static function untilSealed(PiecePart $part, array $works): array
    {
        $before = [];
        foreach ($works as $work) {
            if ($work->step->touches($part)) {
                if ($work->seals()) {
                    break;
                }
                $before[] = $work;
            }
        }

        return $before;
    }

    private static function sands(StepCalculation $work): bool
    {
        return $work->can(Ability::Sands, Ability::Scuffs);
    }

    private static function strips(StepCalculation $work): bool
    {
        return $work->can(Ability::Strips, Ability::Scrapes);
    }
}
