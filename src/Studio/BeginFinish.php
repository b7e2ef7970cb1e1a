<?php

declare(strict_types=1);

namespace Inlaid\App\Studio;

use Inlaid\App\Exchange\Document\InvalidInput;
use Inlaid\App\Exchange\Document\Node;
use Inlaid\App\Exchange\Document\ReadPiece;
use Inlaid\App\Exchange\Document\ReadRecipe;
use Inlaid\App\Exchange\Document\RecipeDocument;
use Inlaid\App\Exchange\Document\WriteMaterial;
use Inlaid\App\Exchange\Json;
use Inlaid\Core\Context\Context;
use Inlaid\Core\Design\Family;
use Inlaid\Core\Design\FamilyStep;
use Inlaid\Core\Design\Setting;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\StepChange;
use Inlaid\Core\Findings\AnalyseRecipe;
use Inlaid\Core\Findings\CheckRecipe;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Prep\PrepLine;
use Inlaid\Core\Prep\ProposePrep;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Technique\Effect;

/**
 * Makes a whole recipe of a finish family for a piece: its preparation, its steps with the material chosen for each role, and a clear coat
 * by wear and place where the finish does not protect itself.
 */
final readonly class BeginFinish
{
    /** Rounds in which preparation is asked for again: what is put in may need its own. */
    private const ROUNDS = 3;

    public function __construct(
        private WriteMaterial $write,
        private ReadRecipe $read,
        private ReadPiece $piece,
        private AnalyseRecipe $analyse,
        private CheckRecipe $check,
        private ProposePrep $prep,
        private TryEdits $try,
    ) {
    }

    /**
     * @param mixed                   $piece  as a recipe document has it
     * @param array<string, Setting>  $chosen by step; what is usual where nothing is chosen
     * @param array<string, Material> $shelf  all that stands there
     *
     * @throws InvalidInput if the piece or a choice is not right, or nothing on the shelf has a role
     */
    public function begin(Family $family, mixed $piece, array $chosen, array $shelf, Context $context): RecipeDocument
    {
        $used = $mixes = $steps = [];
        $use = Node::read($piece, $this->piece->read(...), '/piece')->use;
        $family = $family->protectedFor($use);
        foreach ($family->steps as $step) {
            $setting = $chosen[$step->id] ?? self::usual($step, $shelf);
            if (0 === $setting->coats) {
                continue;
            }
            [$uses, $made, $more] = $this->uses($step, $setting, $shelf);
            $used += $more;
            $mixes = [...$mixes, ...$made];
            $steps[] = self::step($step, $setting, $uses);
        }
        $document = (object) [
            'format' => 'inlaid-recipe',
            'version' => 4,
            'title' => $family->name,
            'piece' => $piece,
            'materials' => array_map(fn (Material $m): array => $this->write->write($m), array_values($used)),
            'mixes' => $mixes,
            'steps' => $steps,
        ];
        $made = $this->read->document(Json::object(Json::encode($document)), '');
        $coat = array_values(array_filter(
            $family->steps,
            static fn (FamilyStep $s): bool => Effect::Adds === $s->technique->profile()->effect,
        ))[0]->id;
        for ($i = 0; $i < self::ROUNDS; ++$i) {
            $whole = $this->analyse->analyse($made->recipe, $context);
            $lines = $this->prep->propose($whole, $this->check->check($whole));
            if ([] === $lines) {
                break;
            }
            $order = array_flip(array_map(static fn (Step $s): string => $s->id, $made->recipe->steps));
            $made = $this->try->document($made, array_map(static fn (PrepLine $l): Edit => Edit::insert(
                $l->step,
                ($order[$l->before] ?? \PHP_INT_MAX) > $order[$coat] ? $coat : $l->before, // nothing is primed over a colour
            ), $lines), $shelf);
        }

        return $this->worn(family: $family, made: $made, shelf: $shelf, context: $context);
    }

    /**
     * What wears down to an undertone goes through all that lies on it, and half through itself.
     *
     * @param array<string, Material> $shelf
     */
    private function worn(Family $family, RecipeDocument $made, array $shelf, Context $context): RecipeDocument
    {
        $dry = [];
        foreach ($this->analyse->analyse($made->recipe, $context)->works as $work) {
            $dry[$work->step->id] = ($work->film->dry ?? 0.0) * $work->rounds();
        }
        $edits = [];
        foreach ($family->steps as $step) {
            if (null !== $step->reaches && isset($dry[$step->id], $dry[$step->reaches])) {
                $ids = array_keys($dry);
                $from = array_search($step->reaches, $ids, true) + 1;
                $above = \array_slice($dry, $from, array_search($step->id, $ids, true) - $from);
                $edits[] = Edit::change($step->id, StepChange::depth(round(array_sum($above) + $dry[$step->reaches] / 2, 1)));
            }
        }

        return [] === $edits ? $made : $this->try->document($made, $edits, $shelf);
    }

    /**
     * As is usual, with the first material on the shelf that has its role.
     *
     * @param array<string, Material> $shelf
     *
     * @throws InvalidInput if there is none
     */
    public static function usual(FamilyStep $step, array $shelf): Setting
    {
        if (null === $step->role) {
            return Setting::usual($step, []);
        }
        foreach ([...$step->usual, ...array_keys($shelf)] as $id) {
            if (isset($shelf[$id]) && $step->role->isPlayedBy($shelf[$id])) {
                return Setting::usual($step, [$id => 1]);
            }
        }

        throw InvalidInput::at("/chosen/$step->id", \sprintf('Nothing on the shelf fits “%s”.', $step->title));
    }

    /**
     * @param array<string, Material> $shelf
     *
     * @return array{array<string, string>|null, list<array<string, mixed>>, array<string, Material>} what it uses, the mixes, its materials
     */
    private function uses(FamilyStep $step, Setting $setting, array $shelf): array
    {
        if ([] === $setting->parts) {
            return [null, [], []];
        }
        $of = [];
        foreach (array_keys($setting->parts) as $id) {
            $of[$id] = isset($shelf[$id]) && true === $step->role?->isPlayedBy($shelf[$id])
                ? $shelf[$id]
                : throw InvalidInput::at("/chosen/$step->id", \sprintf('Not on the shelf, or not a material for “%s”.', $step->title));
        }
        $first = array_values($of)[0];
        $part = static fn (string $share, string $id): array => ['share' => $share, 'of' => ['material' => $id]];
        $mix = static fn (string $id, string $name, array $parts): array => [
            'id' => $id,
            'name' => $name,
            'basis' => 'volume',
            'parts' => $parts,
        ];
        $mixes = [];
        $base = ['material' => $first->id];
        if (\count($of) > 1) {
            $id = $setting->ratio->isZero() ? $step->id : "$step->id-colour";
            $base = ['mix' => $id];
            $mixes[] = $mix($id, $step->title, array_map(
                static fn (string $id, int $parts): array => $part((string) $parts, $id),
                array_keys($setting->parts),
                $setting->parts,
            ));
        }
        if ($setting->ratio->isZero()) {
            return [$base, $mixes, $of];
        }
        $with = $step->extender($first, $shelf)
            ?? throw InvalidInput::at("/chosen/$step->id", \sprintf('Nothing on the shelf goes into %s.', $first->name));
        $parts = [['share' => '1', 'of' => $base], $part((string) $setting->ratio, $with->id)];

        return [
            ['mix' => $step->id],
            [...$mixes, $mix($step->id, $step->title, $step->extended->comesFirst() ? array_reverse($parts) : $parts)],
            $of + [$with->id => $with],
        ];
    }

    /**
     * @param array<string, string>|null $uses
     *
     * @return array<string, mixed>
     */
    private static function step(FamilyStep $step, Setting $setting, ?array $uses): array
    {
        return array_filter([
            'id' => $step->id,
            'title' => $step->title,
            'technique' => $step->technique->key(),
            'intent' => ['purpose' => $step->purpose->value],
            'uses' => $uses,
            'coats' => $setting->coats,
            'wait' => array_filter(['until' => $step->wait->until->value, 'minutes' => $step->wait->minutes]),
            'hand' => $setting->hand?->value,
            'dwell' => $setting->dwell,
            'where' => $step->where?->value,
            'tool' => $step->tool?->value,
            'weight' => $step->weight?->value,
            'grit' => $step->grit,
            'layout' => null === $step->layout ? null : Json::object($step->layout),
        ], static fn (mixed $v): bool => null !== $v);
    }
}
