<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\App\Exchange\Json;
use Inlaid\Core\Board\Board;
use Inlaid\Core\Board\Choices;
use Inlaid\Core\Board\Variable;
use Inlaid\Core\Board\Variables;
use Inlaid\Core\Recipe\Step;
use Inlaid\Core\Technique\Effect;

/**
 * Makes a board of a recipe: its steps, or some of them, on one patch of one of its parts' wood. What holds for the whole piece only is
 * left behind: parts, masking,
 * how long it takes, until when it is repeated, what was accepted.
 */
final readonly class BeginBoard
{
    private const WHOLE_PIECE = ['parts', 'masks', 'handsOn', 'repeat', 'within', 'share', 'chosen', 'sections'];

    public function __construct(private Variables $variables, private ReadBoard $read)
    {
    }

    /**
     * @param list<string>          $steps ids of those that are laid on it
     * @param array{string, string} $from  id and title of the recipe
     * @param string|null           $vary  the step to vary, and `thing` what of it; null for what suits
     *
     * @throws InvalidInput if the part is missing, no step is left, the size cannot be true, or nothing can be varied so
     */
    public function begin(
        RecipeDocument $recipe,
        array $from,
        string $part,
        array $steps,
        int $width,
        int $height,
        ?string $vary,
        ?string $thing = null,
    ): \stdClass {
        InvalidInput::around('/width', static fn () => Board::checkSize($width, $height));
        $document = Json::object($recipe->text);
        $piece = Json::child($document, 'piece');
        $parts = array_values(array_filter(Json::objects($piece, 'parts'), static fn (\stdClass $p): bool => $p->id === $part));
        if ([] === $parts) {
            throw InvalidInput::at('/part', 'The recipe doesn\'t have this part.');
        }
        $kept = array_values(array_filter(
            Json::objects($document, 'steps'),
            static fn (\stdClass $s): bool => \in_array($s->id, $steps, true),
        ));
        if ([] === $kept) {
            throw InvalidInput::at('/steps', 'Choose at least one step for the board.');
        }
        foreach ($kept as $step) {
            foreach (self::WHOLE_PIECE as $field) {
                unset($step->{$field});
            }
        }
        $document->steps = $kept;
        $patch = [
            'id' => 'patch',
            'name' => 'Patch',
            'area' => $width * $height / 1e6,
            'substrate' => $parts[0]->substrate,
            'finish' => $parts[0]->finish ?? null,
        ];
        $document->piece = (object) ['name' => 'Sample board', 'count' => 1, 'parts' => [(object) array_filter($patch)]];
        $document->accepted = [];
        unset($document->cleanUp);
        if (($document->target ?? null) instanceof \stdClass) {
            unset($document->target->parts);
        }
        $choices = $this->read->choices($document);
        [$thing, $step] = InvalidInput::around('/thing', fn (): array => $this->varied($choices, $vary, $thing));

        return (object) [
            'format' => ReadBoard::FORMAT,
            'version' => ReadBoard::VERSION,
            'title' => mb_substr(\sprintf('%s: %s', $recipe->recipe->title, lcfirst($thing->name())), 0, 120),
            'from' => (object) ['recipe' => $from[0], 'title' => $from[1]],
            'recipe' => $document,
            'width' => $width,
            'height' => $height,
            'columns' => (object) array_filter([
                'thing' => $thing->key(),
                'step' => $step?->id,
                'levels' => $thing->levels($choices, $step),
            ]),
        ];
    }

    /**
     * What the columns vary to begin with: what is named, else the dwell where something is wiped, else the share of colour, else coats; in
     * the step named or the first that takes it.
     *
     * @return array{Variable, Step|null}
     *
     * @throws InvalidInput if nothing can be varied so
     */
    private function varied(Choices $choices, ?string $named, ?string $thing): array
    {
        $steps = $choices->recipe->steps;
        usort($steps, static fn (Step $a, Step $b): int => ($b->id === $named) <=> ($a->id === $named));
        if ('order' === $thing && null === $named) {
            // What is worth moving is laid on something that is laid.
            $steps = \array_slice(array_values(array_filter($steps, static fn (Step $s): bool => Effect::Adds === $s->profile->effect)), 1);
        }
        foreach (null === $named ? [$steps] : [\array_slice($steps, 0, 1), $steps] as $among) {
            foreach (null === $thing ? ['dwell', 'colour-fraction', 'coats', 'done'] : [$thing] as $key) {
                foreach ($among as $step) {
                    if ($this->variables->named($key)->suits($step) && 1 < \count($this->variables->named($key)->levels($choices, $step))) {
                        return [$this->variables->named($key), $step];
                    }
                }
            }
        }

        throw InvalidInput::at('/thing', 'None of the chosen steps can be varied so. Choose other steps, or another question.');
    }
}
