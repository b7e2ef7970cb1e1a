<?php

declare(strict_types=1);

namespace Inlaid\Core\Board;

use Inlaid\Core\Colour\Colour;
use Inlaid\Core\Recipe\Step;

/**
 * A sample board: patches of one size on one piece of wood, each a recipe of its own.
 *
 * Immutable. Width and height of a patch in mm; `lay` and `wipe` how long one takes, in s, null for what is usual of its techniques.
 */
final readonly class Board
{
    public const LEAST_SIZE = 20;
    public const MOST_SIZE = 1000;

    /**
     * @param non-empty-list<Patch> $patches
     */
    private function __construct(
        public string $title,
        public int $width,
        public int $height,
        public Axis $columns,
        public ?Axis $rows,
        public array $patches,
        public Hands $hands,
        public ?int $lay,
        public ?int $wipe,
        public ?Colour $target,
    ) {
    }

    /**
     * @param non-empty-list<Patch> $patches
     *
     * @throws InvalidBoard if a size or a time cannot be true, or nothing is laid
     */
    public static function of(
        string $title,
        int $width,
        int $height,
        Axis $columns,
        ?Axis $rows,
        array $patches,
        Hands $hands = Hands::One,
        ?int $lay = null,
        ?int $wipe = null,
        ?Colour $target = null,
    ): self {
        self::checkSize($width, $height);
        foreach ([$lay, $wipe] as $seconds) {
            if (null !== $seconds && ($seconds < 1 || $seconds > 3600)) {
                throw InvalidBoard::badHands();
            }
        }
        foreach ($patches as $patch) {
            if ([] === $patch->recipe->steps) {
                throw InvalidBoard::nothingOnIt();
            }
        }

        return new self(
            title: $title,
            width: $width,
            height: $height,
            columns: $columns,
            rows: $rows,
            patches: $patches,
            hands: $hands,
            lay: $lay,
            wipe: $wipe,
            target: $target,
        );
    }

    /**
     * @throws InvalidBoard
     */
    public static function checkSize(int $width, int $height): void
    {
        if (min($width, $height) < self::LEAST_SIZE || max($width, $height) > self::MOST_SIZE) {
            throw InvalidBoard::badSize(self::LEAST_SIZE, self::MOST_SIZE);
        }
    }

    /**
     * @throws InvalidBoard if it is not there
     */
    public function patch(string $label): Patch
    {
        foreach ($this->patches as $patch) {
            if ($patch->cell->label === $label) {
                return $patch;
            }
        }

        throw InvalidBoard::noSuchPatch($label);
    }

    /** What rows and columns vary in a step of a patch, in words; empty where they do not. */
    public function varies(Patch $patch, Step $step): string
    {
        $said = [];
        foreach ([[$this->columns, $patch->cell->column], [$this->rows, $patch->cell->row]] as [$axis, $at]) {
            if (null !== $axis && $axis->step?->id === $step->id && null !== $at) {
                $said[] = $axis->heads[$at] ?? '';
            }
        }

        return implode(', ', $said);
    }

    public function control(): Patch
    {
        foreach ($this->patches as $patch) {
            if ($patch->isControl()) {
                return $patch;
            }
        }

        return $this->patches[0];
    }
}
