<?php

declare(strict_types=1);

namespace Inlaid\Core\Recipe;

use Inlaid\Core\ValidationError;

/**
 * A recipe that contradicts itself or reality.
 */
final class InvalidRecipe extends ValidationError
{
    public static function outOfRange(string $what, string $range): self
    {
        return new self(\sprintf('%s must be %s.', $what, $range));
    }

    public static function twice(string $what, string $id): self
    {
        return new self(\sprintf('%s “%s” exists twice.', $what, $id));
    }

    public static function missing(string $what, string $id): self
    {
        return new self(\sprintf('This recipe has no %s “%s”.', $what, $id));
    }

    public static function mixInItself(string $name): self
    {
        return new self(\sprintf('The mix “%s” would contain itself.', $name));
    }

    public static function needsMaterial(string $technique): self
    {
        return new self(\sprintf('%s needs a material or a mix.', $technique));
    }

    public static function takesNoMaterial(string $technique): self
    {
        return new self(\sprintf('%s takes no material.', $technique));
    }

    public static function notBroughtAbout(Criterion $until, string $technique): self
    {
        return new self(\sprintf('“%s” can\'t repeat until %s.', $technique, $until->inWords()));
    }

    public static function wrongTool(string $technique, string $tool): self
    {
        return new self(\sprintf('“%s” can\'t use: %s.', $technique, $tool));
    }

    public static function masksWhatItWorksOn(string $part): self
    {
        return new self(\sprintf('%s can\'t be masked in a step that works on it.', $part));
    }

    public static function comesTooEarly(string $step): self
    {
        return new self(\sprintf('The fallback step (“%s”) must come after it.', $step));
    }

    public static function emptyTarget(): self
    {
        return new self('A target needs a colour for at least one area.');
    }

    public static function noTarget(): self
    {
        return new self('No target yet. Set a target colour first.');
    }

    public static function blendsNothing(string $technique): self
    {
        return new self(\sprintf('“%s” can\'t blend colours: use “Blended”, in one coat.', $technique));
    }
}
