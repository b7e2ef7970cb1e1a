<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\App\Exchange\Json;
use Inlaid\Core\Edit\Edit;
use Inlaid\Core\Edit\EditKind;
use Inlaid\Core\Edit\MaterialRequirement;
use Inlaid\Core\Edit\NewStep;
use Inlaid\Core\Edit\StepField;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Recipe\Step;

/**
 * Makes changes in a recipe document: those of a remedy, of a preparation, or of a patch of a board. What a new step needs is taken from
 * the recipe's own materials, or a
 * copy from the shelf.
 */
final readonly class ApplyEdits
{
    public function __construct(private ReadMaterial $read = new ReadMaterial(), private WriteMaterial $write = new WriteMaterial())
    {
    }

    /**
     * @param \stdClass                      $document of the present version; left as it is
     * @param list<Edit>                     $edits
     * @param \Closure(): iterable<Material> $shelf    what could be taken, the one to prefer first
     *
     * @throws InvalidInput if the shelf has nothing of the kind a new step needs
     */
    public function apply(\stdClass $document, array $edits, \Closure $shelf): \stdClass
    {
        $doc = Json::copy($document);
        foreach ($edits as $edit) {
            $this->edit($doc, $edit, $shelf);
        }

        return $doc;
    }

    /**
     * @param \Closure(): iterable<Material> $shelf
     */
    private function edit(\stdClass $doc, Edit $edit, \Closure $shelf): void
    {
        $steps = Json::objects($doc, 'steps');
        $id = null === $edit->step ? null : Step::documentId($edit->step);
        $before = null === $edit->before ? null : Step::documentId($edit->before);
        $own = array_values(array_filter($steps, static fn (\stdClass $s): bool => $s->id === $id));
        match ($edit->do) {
            EditKind::Insert => $doc->steps = StepList::placed(
                $steps,
                $this->step($doc, $edit->new ?? throw new \LogicException('Nothing to insert.'), $shelf),
                $before,
            ),
            EditKind::Move => $doc->steps = [] === $own
                ? $steps
                : StepList::placed(
                    array_values(array_filter($steps, static fn (\stdClass $s): bool => $s->id !== $id)),
                    $own[0],
                    $before,
                ),
            EditKind::Copy => $doc->steps = [] === $own
                ? $steps
                : StepList::placed($steps, StepList::once($own[0], self::free($steps)), $before),
            EditKind::TakeOut => self::takeOut($doc, (string) $id),
            EditKind::Change => array_walk($own, static function (\stdClass $step) use ($edit): void {
                foreach ($edit->changes as $change) {
                    $step->{$change->field->value} = match ($change->field) {
                        StepField::Wait => (object) ['until' => $change->value],
                        StepField::Material => (object) ['material' => $change->value],
                        default => $change->value,
                    };
                }
            }),
            EditKind::CleanUp => self::cleanUp($doc, $edit),
            EditKind::UseFrom => self::useFrom($doc, $edit),
            EditKind::LeaveBare => self::leaveBare($doc, $edit),
            EditKind::Shares => self::shares($doc, $own[0] ?? null, $edit),
            EditKind::Ground => self::ground($doc, $edit),
            EditKind::Improvise => self::improvise($doc, $edit, $before),
            EditKind::Otherwise => isset($own[0]) ? ApplyChanges::otherwise($own[0], self::does($edit)) : null,
        };
    }

    /**
     * @param list<\stdClass> $steps
     */
    private static function free(array $steps): string
    {
        $taken = array_column($steps, 'id');
        for ($i = 1; \in_array("r$i", $taken, true); ++$i) {
        }

        return "r$i";
    }

    /**
     * A step that had it as its last resort has none then; the mixes and materials that only it used go along. The page does the same
     * (`recipe/edits.ts`), and a test holds the two together.
     */
    private static function takeOut(\stdClass $doc, string $id): void
    {
        $steps = Json::objects($doc, 'steps');
        foreach ($steps as $step) {
            if (($step->repeat ?? null) instanceof \stdClass && $id === ($step->repeat->otherwise ?? null)) {
                unset($step->repeat->otherwise);
            }
        }
        $doc->steps = array_values(array_filter($steps, static fn (\stdClass $s): bool => $s->id !== $id));
        self::dropUnused($doc);
    }

    private static function dropUnused(\stdClass $doc): void
    {
        $parts = array_column(Json::objects($doc, 'mixes'), 'parts', 'id');
        $with = ($doc->cleanUp ?? null) instanceof \stdClass ? $doc->cleanUp->with ?? [] : [];
        $used = ['materials' => \is_array($with) ? $with : [], 'mixes' => []];
        $steps = Json::objects($doc, 'steps');
        $colours = array_filter(array_column($steps, 'colours'), is_array(...));
        $open = [...array_column($steps, 'uses'), ...array_column(array_merge(...array_values($colours)), 'uses')];
        while ([] !== $open) {
            $of = array_pop($open);
            if (!$of instanceof \stdClass) {
                continue;
            }
            if (isset($of->material)) {
                $used['materials'][] = $of->material;
            }
            if (isset($of->mix) && !\in_array($of->mix, $used['mixes'], true)) {
                $used['mixes'][] = $of->mix;
                $made = \is_string($of->mix) ? $parts[$of->mix] ?? [] : [];
                array_push($open, ...array_column(\is_array($made) ? $made : [], 'of'));
            }
        }
        foreach ($used as $list => $ids) {
            if (isset($doc->{$list})) {
                $doc->{$list} = array_values(array_filter(
                    Json::objects($doc, $list),
                    static fn (\stdClass $o): bool => \in_array($o->id, $ids, true),
                ));
            }
        }
    }

    /**
     * @param \Closure(): iterable<Material> $shelf
     */
    private function step(\stdClass $doc, NewStep $new, \Closure $shelf): \stdClass
    {
        $step = [
            'id' => self::free(Json::objects($doc, 'steps')),
            'title' => $new->title,
            'technique' => $new->technique,
            'intent' => (object) ['purpose' => $new->purpose->value],
            'coats' => $new->coats,
            'wait' => (object) ['until' => $new->wait->value],
        ];
        if (null !== $new->grit) {
            $step['grit'] = $new->grit;
        }
        if (null !== $new->dwell) {
            $step['dwell'] = $new->dwell;
        }
        if (null !== $new->aim) {
            $step['aim'] = $new->aim->value;
        }
        if (null !== $new->repeat) {
            $step['repeat'] = (object) [
                'until' => $new->repeat->until->value,
                'least' => $new->repeat->least,
                'most' => $new->repeat->most,
            ];
        }
        if ([] !== $new->parts) {
            $step['parts'] = $new->parts;
        }
        if (null !== $new->uses) {
            $step['uses'] = (object) ['material' => $this->material($doc, $new->uses, $shelf)];
        }

        return (object) $step;
    }

    /**
     * The id of a material that will do, with a copy of it in the document.
     *
     * @param \Closure(): iterable<Material> $shelf
     */
    private function material(\stdClass $doc, MaterialRequirement $wanted, \Closure $shelf): string
    {
        $taken = [];
        foreach (Json::objects($doc, 'materials') as $json) {
            $own = Node::read($json, $this->read->read(...));
            $taken[] = $own->id;
            if ($wanted->isMetBy($own)) {
                return $own->id;
            }
        }
        foreach ($shelf() as $material) {
            if ($wanted->isMetBy($material) && !\in_array($material->id, $taken, true)) {
                $doc->materials = [...Json::objects($doc, 'materials'), Json::decode(Json::encode($this->write->write($material)))];

                return $material->id;
            }
        }

        throw InvalidInput::at('', \sprintf('Nothing on the shelf fits: a %s is needed.', $wanted->kind->value));
    }

    private static function improvise(\stdClass $doc, Edit $edit, ?string $before): void
    {
        StepList::improvise(doc: $doc, does: self::does($edit), id: self::free(Json::objects($doc, 'steps')), before: $before);
        self::dropUnused($doc);
    }

    private static function does(Edit $edit): \stdClass
    {
        return Json::object(\is_string($edit->set['does'] ?? null) ? $edit->set['does'] : '{}');
    }

    private static function cleanUp(\stdClass $doc, Edit $edit): void
    {
        $cleanUp = ($doc->cleanUp ?? null) instanceof \stdClass ? $doc->cleanUp : new \stdClass();
        if (isset($edit->set['rags'])) {
            $cleanUp->rags = $edit->set['rags'];
        }
        if (isset($edit->set['without'])) {
            $with = $cleanUp->with ?? [];
            $cleanUp->with = array_values(array_filter(
                \is_array($with) ? $with : [],
                static fn (mixed $id): bool => $id !== $edit->set['without'],
            ));
        }
        $doc->cleanUp = $cleanUp;
    }

    private static function useFrom(\stdClass $doc, Edit $edit): void
    {
        $piece = Json::child($doc, 'piece');
        $piece->use ??= new \stdClass();
        Json::child($piece, 'use')->from = $edit->set['from'];
    }

    private static function leaveBare(\stdClass $doc, Edit $edit): void
    {
        $side = \is_string($edit->set['side'] ?? null) ? $edit->set['side'] : '';
        foreach (Json::objects(Json::child($doc, 'piece'), 'joints') as $joint) {
            if ($joint->id === $edit->step && $joint->{$side} instanceof \stdClass) {
                $joint->{$side}->coated = false;
            }
        }
    }

    /**
     * A mix that something else uses as well stays as it is: the step gets one of its own.
     */
    private static function shares(\stdClass $doc, ?\stdClass $step, Edit $edit): void
    {
        $uses = $step->uses ?? null;
        $mixes = array_column(
            array_map(static fn (\stdClass $m): array => [\is_string($m->id) ? $m->id : '', $m], Json::objects($doc, 'mixes')),
            1,
            0,
        );
        if (!$uses instanceof \stdClass || !\is_string($uses->mix ?? null) || !isset($mixes[$uses->mix])) {
            return;
        }
        $id = $uses->mix;
        if (1 < substr_count(Json::encode([$doc->steps, $doc->mixes]), \sprintf('"mix":"%s"', $id))) {
            $copy = Json::copy($mixes[$id]);
            for ($n = 2; isset($mixes["$id-$n"]); ++$n) {
            }
            $uses->mix = $copy->id = "$id-$n";
            $mixes[$copy->id] = $copy;
        }
        unset($mixes[$uses->mix]->written); // what the painter wrote it as holds no longer
        $shares = \is_array($edit->set['shares'] ?? null) ? $edit->set['shares'] : [];
        foreach (Json::objects($mixes[$uses->mix], 'parts') as $k => $part) {
            $part->share = $shares[$k] ?? $part->share;
        }
        $doc->mixes = array_values($mixes);
    }

    private static function ground(\stdClass $doc, Edit $edit): void
    {
        foreach (Json::objects(Json::child($doc, 'piece'), 'parts') as $part) {
            if ($part->substrate instanceof \stdClass) {
                foreach ($edit->set as $field => $value) {
                    $part->substrate->{$field} = $value;
                }
            }
        }
    }
}
