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
        return new self(\sprintf('%s "%s" is there twice.', $what, $id));
    }

    public static function missing(string $what, string $id): self
    {
        return new self(\sprintf('There is no %s "%s" in this recipe.', $what, $id));
    }

    public static function mixInItself(string $name): self
    {
        return new self(\sprintf('The mix "%s" would contain itself.', $name));
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
        return new self(\sprintf('%s, however often, is not done until %s.', $technique, $until->inWords()));
    }

    public static function wrongTool(string $technique, string $tool): self
    {
        return new self(\sprintf('"%s" is not done with or by: %s.', $technique, $tool));
    }

    public static function masksWhatItWorksOn(string $part): self
    {
        return new self(\sprintf('%s cannot be masked in a step that is done to it.', $part));
    }

    public static function comesTooEarly(string $step): self
    {
        return new self(\sprintf('What is done if it is not enough ("%s") must come after it.', $step));
    }

    public static function emptyTarget(): self
    {
        return new self('A target has a colour for at least one zone.');
    }

    public static function noTarget(): self
    {
        return new self('There is no target yet: say what it is to look like, and the way there is found.');
    }
}
