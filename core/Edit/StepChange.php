<?php

declare(strict_types=1);

namespace Inlaid\Core\Edit;

use Inlaid\Core\Film\FilmWeight;
use Inlaid\Core\Recipe\SandingAim;
use Inlaid\Core\Recipe\WaitUntil;
use Inlaid\Core\Recipe\Wiping;
use Inlaid\Core\Technique\Direction;
use Inlaid\Core\Technique\Hand;
use Inlaid\Core\Technique\Tool;

/**
 * One thing that is otherwise in a step from now on. How that is written in a document is not its business.
 *
 * Immutable.
 */
final readonly class StepChange
{
    /**
     * @param int|float|string|list<string> $value
     */
    private function __construct(public StepField $field, public int|float|string|array $value)
    {
    }

    public static function coats(int $coats): self
    {
        return new self(StepField::Coats, $coats);
    }

    public static function grit(int $grit): self
    {
        return new self(StepField::Grit, $grit);
    }

    /** µm. */
    public static function depth(float $depth): self
    {
        return new self(StepField::Depth, $depth);
    }

    /** Minutes. */
    public static function dwell(int $minutes): self
    {
        return new self(StepField::Dwell, $minutes);
    }

    /** The share of the film that stays after wiping. */
    public static function left(float $share): self
    {
        return new self(StepField::Left, $share);
    }

    public static function wiping(Wiping $wiping): self
    {
        return new self(StepField::Wiping, $wiping->value);
    }

    public static function sections(int $count): self
    {
        return new self(StepField::Sections, $count);
    }

    /** Minutes. */
    public static function handsOn(int $minutes): self
    {
        return new self(StepField::HandsOn, $minutes);
    }

    public static function aim(SandingAim $aim): self
    {
        return new self(StepField::Aim, $aim->value);
    }

    public static function direction(Direction $direction): self
    {
        return new self(StepField::Direction, $direction->value);
    }

    public static function tool(Tool $tool): self
    {
        return new self(StepField::Tool, $tool->value);
    }

    public static function technique(string $key): self
    {
        return new self(StepField::Technique, $key);
    }

    public static function weight(FilmWeight $weight): self
    {
        return new self(StepField::Weight, $weight->value);
    }

    public static function hand(Hand $hand): self
    {
        return new self(StepField::Hand, $hand->value);
    }

    public static function wait(WaitUntil $until): self
    {
        return new self(StepField::Wait, $until->value);
    }

    /** A material of the recipe, by its id. */
    public static function material(string $id): self
    {
        return new self(StepField::Material, $id);
    }

    /**
     * @param list<string> $parts ids
     */
    public static function masks(array $parts): self
    {
        return new self(StepField::Masks, $parts);
    }

    /**
     * @param list<string> $parts ids
     */
    public static function parts(array $parts): self
    {
        return new self(StepField::Parts, $parts);
    }
}
