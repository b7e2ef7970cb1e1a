<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Material\Bleed;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Measure\ExactNumber;
use Inlaid\Core\Piece\Fault;
use Inlaid\Core\Piece\Field;
use Inlaid\Core\Piece\FieldTest;
use Inlaid\Core\Piece\Grain;
use Inlaid\Core\Piece\Joint;
use Inlaid\Core\Piece\JointSide;
use Inlaid\Core\Piece\Piece;
use Inlaid\Core\Piece\PiecePart;
use Inlaid\Core\Piece\Pulls;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Technique\Zone;

/**
 * Puts what holds for a whole recipe, and for a part of its piece, into words, fact by fact.
 */
final readonly class DescribeRecipe
{
    public function __construct(private Practices $practices)
    {
    }

    /**
     * @return array<string, string> only what is stated
     */
    public function facts(Recipe $recipe): array
    {
        $facts = [
            'the title' => '“'.$recipe->title.'”',
            'the piece' => '“'.$recipe->piece->name.'”',
            'the number of identical pieces' => (string) $recipe->piece->count,
        ];
        if ('' !== $recipe->summary) {
            $facts['the description'] = '“'.$recipe->summary.'”';
        }
        $use = $recipe->piece->use;
        $facts += [
            'where it will be used' => $use->place->inWords(),
            'the wear' => $use->wear->value,
            'food contact nearby' => $use->food ? 'yes' : 'no',
            'children nearby' => $use->child ? 'yes' : 'no',
        ];
        if (null !== $use->from) {
            $facts['the first use'] = $use->from;
        }
        if (null !== $recipe->cleanUp->rags) {
            $facts['where rags are stored'] = $recipe->cleanUp->rags->inWords();
        }
        if ([] !== $recipe->cleanUp->with) {
            $facts['the other cleaners'] = implode(', ', array_map(static fn (Material $m): string => $m->name, $recipe->cleanUp->with));
        }
        if (null !== $recipe->target) {
            $facts['the target'] = trim($recipe->target->name.' '.implode(
                ', ',
                array_map(
                    static fn (string $zone, Colour $c): string => \sprintf('%s on %s', $c->hex, Zone::from($zone)->inWords()),
                    array_keys($recipe->target->colours),
                    $recipe->target->colours,
                ),
            ));
        }
        foreach ($recipe->schools as $key => $answer) {
            [$question, $words] = $this->practices->inWords($key, $answer);
            $facts['the practice for “'.$question.'”'] = '“'.$words.'”';
        }

        foreach ($recipe->accepted as $finding => $reason) {
            $facts['the accepted finding “'.$finding.'”'] = '“'.$reason.'”';
        }

        return $facts;
    }

    /**
     * @return array<string, string> only what is stated
     */
    public function part(PiecePart $part): array
    {
        $s = $part->substrate;

        return array_filter([
            'the name' => '“'.$part->name.'”',
            'the area' => ExactNumber::plain($part->surface->area(), 3).' m²',
            'which faces are coated' => mb_strtolower(implode(
                ', ',
                array_map(static fn (array $f): string => $f[0]->name, $part->surface->faces),
            )),
            'the count' => (string) $part->count,
            'the substrate' => $s->inWords(),
            'the grain' => Grain::None === $s->grain ? 'none' : $s->grain->value.'-grained',
            'the veneer' => null === $s->veneer ? null : ExactNumber::plain($s->veneer).' mm',
            'what bleeds' => [] === $s->bleeds
                ? null
                : implode(', ', array_map(static fn (Bleed $b): string => mb_strtolower($b->inWords()), $s->bleeds)),
            'the substrate colour' => $part->finish->inWords(),
            'the colour when bare' => $s->colour->hex,
            'the absorbency' => null === $part->absorption ? null : ExactNumber::plain($part->absorption).' × a sealed surface',
            'how it is coated' => $part->turned ? 'flat, both sides' : null,
            'the handle position' => match ($part->pulls) {
                Pulls::Placed => 'settled', Pulls::Open => 'open', null => null,
            },
            'the damage' => [] === $part->faults
                ? null
                : mb_strtolower(implode(', ', array_map(static fn (Fault $f): string => $f->inWords(), $part->faults))),
            'fields' => [] === $part->fields ? null : implode(', ', array_map(static fn (Field $f): string => $f->name, $part->fields)),
            ...$this->tests($part),
        ], static fn (?string $fact): bool => null !== $fact);
    }

    /**
     * @return array<string, string> only what is stated
     */
    public function joint(Joint $joint, Piece $piece): array
    {
        $side = static fn (JointSide $s): string => $piece->part($s->part)->name.', '.mb_strtolower(
            $piece->part($s->part)->surface->faces[$s->face][0]->name,
        ).($s->coated ? '' : ', uncoated');

        return [
            'the name' => '“'.$joint->name.'”',
            'the kind' => mb_strtolower($joint->kind->inWords()),
            'the moving part' => $side($joint->moving),
            'the fixed part' => $side($joint->fixed),
            'the clearance' => ExactNumber::plain($joint->clearance).' mm',
            'the minimum clearance' => ExactNumber::plain($joint->least).' mm',
            'the width across the grain' => ExactNumber::plain($joint->across, 0).' mm',
        ];
    }

    /**
     * @return array<string, string>
     */
    private function tests(PiecePart $part): array
    {
        $facts = [];
        foreach ($part->tests as $key => $answer) {
            $test = FieldTest::from($key);
            $facts['the test “'.$test->question().'”'] = '“'.$test->answers()[$answer].'”';
        }

        return $facts;
    }
}
