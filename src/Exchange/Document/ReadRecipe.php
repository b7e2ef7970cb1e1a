<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\App\Exchange\Json;
use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Material\Material;
use Inlaid\Core\Mixing\Mixture;
use Inlaid\Core\Practice\Practices;
use Inlaid\Core\Recipe\CleanUp;
use Inlaid\Core\Recipe\Criterion;
use Inlaid\Core\Recipe\Intent;
use Inlaid\Core\Recipe\InvalidRecipe;
use Inlaid\Core\Recipe\Purpose;
use Inlaid\Core\Recipe\Rags;
use Inlaid\Core\Recipe\Recipe;
use Inlaid\Core\Recipe\Repeat;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Recipe\StepDetail;
use Inlaid\Core\Recipe\Target;
use Inlaid\Core\Recipe\WaitRule;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Recipe\Wiping;
use Inlaid\Core\Technique\Chosen;
use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Extent;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Placement;
use Inlaid\Core\Technique\Technique;
use Inlaid\Core\Technique\Techniques;
use Inlaid\Core\Technique\Tool;
use Inlaid\Core\Technique\Within;
use Inlaid\Core\Technique\Zone;

/**
 * Reads a recipe document, as `docs/formats/recipe.schema.json` defines it, into a recipe that can be worked out.
 */
final readonly class ReadRecipe
{
    public const MOST_STEPS = 200;

    public function __construct(
        private Techniques $techniques,
        private Practices $practices,
        private ReadPiece $piece,
        private ReadMaterial $material = new ReadMaterial(),
        private ReadLayout $layout = new ReadLayout(),
        private ReadMixes $mixes = new ReadMixes(),
        private UpcastRecipe $upcast = new UpcastRecipe(),
    ) {
    }

    /**
     * @param mixed $json as json_decode gives it, objects as objects
     *
     * @throws InvalidInput with every violation found
     */
    public function read(mixed $json, string $pointer = ''): Recipe
    {
        return Node::read($this->upcast->upcast($json), $this->recipe(...), $pointer);
    }

    /**
     * Reads a document and keeps its text beside what it says.
     *
     * @throws InvalidInput
     */
    public function document(mixed $json, string $pointer = ''): RecipeDocument
    {
        $json = $this->upcast->upcast($json);

        return new RecipeDocument(Json::encode($json), $this->read($json, $pointer));
    }

    private function recipe(Node $n): Recipe
    {
        $n->fields(
            'format',
            'version',
            'title',
            'summary',
            'piece',
            'materials',
            'mixes',
            'steps',
            'schools',
            'accepted',
            'cleanUp',
            'target',
        );
        if (UpcastRecipe::FORMAT !== $n->string('format')) {
            $n->refuse('format', 'This isn\'t a recipe document.');
        }
        if (UpcastRecipe::VERSION !== $n->int('version')) {
            $n->refuse('version', 'This recipe is from a newer version of Inlaid Recipe.');
        }
        $title = $n->string('title', 120);
        $summary = $n->text('summary');
        $piece = $this->piece->read($n->child('piece'));
        $materials = $this->materials($n);
        $mixes = $this->mixes->read($n, $materials);
        $parts = Recipe::namesOfPlaces($piece);
        $seen = [];
        $steps = array_merge(...$n->list('steps', function (Node $s) use ($materials, $mixes, $parts, &$seen): array {
            $steps = $this->step(n: $s, materials: $materials, mixes: $mixes, parts: $parts);
            $id = $steps[0]->id;
            isset($seen[$id]) ? $s->refuse('id', InvalidRecipe::twice('The step', $id)->getMessage()) : $seen[$id] = true;

            return $steps;
        }, self::MOST_STEPS));

        return $n->make(
            fn (): Recipe => Recipe::of(
                title: $title,
                piece: $piece,
                steps: $steps,
                schools: $this->practices($n),
                summary: $summary,
                accepted: $this->accepted($n),
                cleanUp: $this->cleanUp($n, $materials),
                target: $this->target($n, $parts),
            ),
            'steps',
        );
    }

    /**
     * @return array<string, Material> by id
     */
    private function materials(Node $n): array
    {
        $byId = [];
        $n->list('materials', function (Node $m) use (&$byId): void {
            $material = $this->material->read($m);
            isset($byId[$material->id])
                ? $m->refuse('id', InvalidRecipe::twice('The material', $material->id)->getMessage())
                : $byId[$material->id] = $material;
        });

        return $byId;
    }

    /**
     * @param list<string> $parts
     */
    private function target(Node $n, array $parts): ?Target
    {
        $t = $n->childOrNull('target');
        if (null === $t) {
            return null;
        }
        $zones = array_map(static fn (Zone $z): string => $z->value, Zone::cases());
        $t->fields('name', 'parts', ...$zones);
        $colours = [];
        foreach ($zones as $zone) {
            if ($t->has($zone)) {
                $colours[$zone] = $t->make(static fn (): Colour => Colour::of($t->string($zone, 20)), $zone);
            }
        }

        return $t->make(fn (): Target => Target::of(
            $t->text('name', 80),
            $colours,
            $this->places($t, 'parts', array_filter($parts, static fn (string $place): bool => !str_contains($place, ':'))),
        ));
    }

    /**
     * @param array<string, Material> $materials
     * @param array<string, Mixture>  $mixes
     * @param list<string>            $parts
     *
     * @return non-empty-list<Step> one, or one for each colour of a blend
     */
    private function step(Node $n, array $materials, array $mixes, array $parts): array
    {
        $n->fields(
            'id',
            'title',
            'technique',
            'intent',
            'parts',
            'uses',
            'at',
            'colours',
            'coats',
            'weight',
            'left',
            'wiping',
            'grit',
            'depth',
            'dwell',
            'handsOn',
            'tool',
            'strokes',
            'hand',
            'where',
            'within',
            'share',
            'chosen',
            'sections',
            'layout',
            'aim',
            'masks',
            'repeat',
            'wait',
            'note',
        );
        $technique = $n->make(fn (): Technique => $this->techniques->named($n->string('technique')), 'technique');
        $uses = $n->childOrNull('uses');
        $what = fn (Node $of): Material|Mixture => $this->mixes->named(
            $of,
            $materials,
            static fn (string $id): ?Mixture => $mixes[$id] ?? null,
        );
        $named = null === $uses ? null : $what($uses);
        $colours = !$n->has('colours') ? [] : $n->list('colours', static fn (Node $c): array => [
            $what($c->fields('uses', 'at')->child('uses')),
            $c->float('at'),
        ], 7);
        $onParts = $this->places($n, 'parts', $parts);
        $masks = $this->places($n, 'masks', array_filter($parts, static fn (string $place): bool => !str_contains($place, ':')));
        $intent = $this->intent($n->child('intent'));
        $wait = $this->wait($n->child('wait'));
        $layout = $n->has('layout') ? $this->layout->read($n->child('layout')) : null;
        $detail = $n->make(static fn (): StepDetail => StepDetail::of(
            weight: $n->enumOrNull('weight', FilmWeight::class),
            left: $n->floatOrNull('left'),
            grit: $n->intOrNull('grit'),
            depth: $n->floatOrNull('depth'),
            dwell: $n->intOrNull('dwell'),
            handsOn: $n->intOrNull('handsOn'),
            tool: $n->enumOrNull('tool', Tool::class),
            strokes: $n->enumOrNull('strokes', Direction::class),
            aim: $n->enumOrNull('aim', SandingAim::class),
            masks: $masks,
            hand: $n->enumOrNull('hand', Hand::class) ?? Hand::Middle,
            where: $n->enumOrNull('where', Placement::class),
            layout: $layout,
            extent: new Extent(
                within: $n->has('within') ? $n->list('within', static fn (Node $w): Within => $w->asEnum(Within::class), 7) : [],
                share: $n->floatOrNull('share') ?? 1.0,
                chosen: $n->enumOrNull('chosen', Chosen::class) ?? Chosen::Needing,
            ),
            sections: $n->intOrNull('sections'),
            wiping: $n->enumOrNull('wiping', Wiping::class),
        ));
        $repeat = $n->has('repeat') ? $this->repeat($n->child('repeat')) : null;

        $step = $n->make(
            static fn (): Step => Step::of(
                id: $n->id('id'),
                title: $n->text('title', 120),
                technique: $technique,
                intent: $intent,
                parts: $onParts,
                uses: $named,
                coats: $n->int('coats', 1),
                detail: $detail,
                wait: $wait,
                note: $n->text('note'),
                repeat: $repeat,
            ),
            $this->blame($technique, $named, $detail),
        );

        return $n->make(static fn (): array => $step->blendedWith($n->floatOrNull('at') ?? 0.0, $colours), 'colours');
    }

    /**
     * @param array<string> $known
     *
     * @return list<string>
     */
    private function places(Node $n, string $field, array $known): array
    {
        return $n->has($field)
            ? $n->list(
                $field,
                static fn (Node $p): string => \in_array($p->asString(180), $known, true)
                    ? $p->asString()
                    : $p->refuseHere(InvalidRecipe::missing('part', $p->asString())->getMessage()),
                100,
            )
            : [];
    }

    /** Where what a step is refused for stands, most likely. */
    private function blame(Technique $technique, Material|Mixture|null $named, StepDetail $detail): string
    {
        $figures = $technique->profile();

        return match (true) {
            $figures->takesMaterial !== (null !== $named) => 'uses',
            null !== $detail->tool && !\in_array($detail->tool, $figures->tools, true) => 'tool',
            null !== $detail->layout && !\in_array($detail->layout->kind(), $figures->laidOut, true) => 'layout',
            default => 'coats',
        };
    }

    private function repeat(Node $n): Repeat
    {
        $n->fields('until', 'least', 'most', 'otherwise');

        return $n->make(
            static fn (): Repeat => Repeat::of(
                until: $n->enum('until', Criterion::class),
                least: $n->int('least'),
                most: $n->int('most'),
                otherwise: $n->has('otherwise') ? $n->id('otherwise') : null,
            ),
            'least',
        );
    }

    /**
     * @param array<string, Material> $materials
     */
    private function cleanUp(Node $n, array $materials): CleanUp
    {
        $c = $n->childOrNull('cleanUp')?->fields('rags', 'with');

        return null === $c ? new CleanUp() : new CleanUp(
            $c->enumOrNull('rags', Rags::class),
            $c->has('with')
                ? $c->list(
                    'with',
                    static fn (Node $m): Material => $materials[$m->asString(64)] ?? $m->refuseHere(
                        InvalidRecipe::missing('material', $m->asString())->getMessage(),
                    ),
                    20,
                )
                : [],
        );
    }

    private function intent(Node $n): Intent
    {
        $n->fields('purpose', 'shows');

        return $n->make(static fn (): Intent => Intent::of($n->enum('purpose', Purpose::class), $n->floatOrNull('shows')), 'shows');
    }

    private function wait(Node $n): WaitRule
    {
        $n->fields('until', 'minutes');

        return $n->make(static fn (): WaitRule => WaitRule::of($n->enum('until', WaitUntil::class), $n->intOrNull('minutes')), 'minutes');
    }

    /**
     * @return array<string, string>
     */
    private function practices(Node $n): array
    {
        return $n->has('schools') ? $n->map('schools', function (Node $answer): string {
            $key = $answer->name();
            $answer->make(fn () => $this->practices->check($key, $answer->asString(60)));

            return $answer->asString();
        }, 50) : [];
    }

    /**
     * @return array<string, string> reason by the key of a finding
     */
    private function accepted(Node $n): array
    {
        $byKey = [];
        $n->has('accepted') && $n->list('accepted', static function (Node $a) use (&$byKey): void {
            $byKey[$a->fields('finding', 'reason')->string('finding')] = $a->string('reason', 300);
        }, 100);

        return $byKey;
    }
}
