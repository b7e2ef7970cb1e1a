<?php

declare(strict_types=1);

namespace Inlaid\App\Store\Bundle;

use Inlaid\App\Store\Entity;

/**
 * What a bundle holds, a file of JSON lines each, in the order in which it is kept again: nothing before what it belongs to.
 *
 * Left out is what is derived (search words, balances), and what opens doors (passphrase, keys, links).
 */
enum Kind: string
{
    case Settings = 'settings';
    case Materials = 'materials';
    case Recipes = 'recipes';
    case Drafts = 'drafts';
    case Revisions = 'revisions';
    case Boards = 'boards';
    case Readings = 'readings';
    case Photos = 'photos';
    case Stock = 'stock';
    case Pots = 'pots';
    case Ledger = 'ledger';
    case Runs = 'runs';
    case Events = 'events';
    case RunPhotos = 'runphotos';
    case EyeRounds = 'eyerounds';

    /** @return class-string */
    public function entity(): string
    {
        return match ($this) {
            self::Settings => Entity\StoredSettings::class,
            self::Materials => Entity\StoredMaterial::class,
            self::Recipes => Entity\StoredRecipe::class,
            self::Drafts => Entity\StoredDraft::class,
            self::Revisions => Entity\StoredRevision::class,
            self::Boards => Entity\StoredBoard::class,
            self::Readings => Entity\StoredReading::class,
            self::Photos => Entity\StoredPhoto::class,
            self::Stock => Entity\StoredStock::class,
            self::Pots => Entity\StoredPot::class,
            self::Ledger => Entity\StoredEntry::class,
            self::Runs => Entity\StoredRun::class,
            self::Events => Entity\StoredEvent::class,
            self::RunPhotos => Entity\StoredRunPhoto::class,
            self::EyeRounds => Entity\StoredEyeRound::class,
        };
    }

    /** What goes with single recipes; the rest goes with a whole studio only. */
    public function isOfRecipes(): bool
    {
        return \in_array($this, [self::Recipes, self::Drafts, self::Revisions, self::Boards, self::Readings, self::Photos], true);
    }

    /** Its picture stands in a file of its own. */
    public function isPhoto(): bool
    {
        return self::Photos === $this || self::RunPhotos === $this;
    }

    public function file(): string
    {
        return $this->value.'.jsonl';
    }

    /** Fields that are JSON themselves, and stand in the line as such. */
    public function isJson(string $field): bool
    {
        return 'document' === $field
            || \in_array([$this, $field], [[self::Ledger, 'moves'], [self::Boards, 'chosen'], [self::Boards, 'draftBefore']], true);
    }

    /** Fields that are worked out again, or stand elsewhere. */
    public function isLeftOut(string $field): bool
    {
        return \in_array(
            [$this, $field],
            [
                [self::Settings, 'id'],
                [self::Recipes, 'card'],
                [self::Recipes, 'lookL'],
                [self::Recipes, 'lookA'],
                [self::Recipes, 'lookB'],
                [self::Revisions, 'id'],
                [self::Boards, 'card'],
                [self::Ledger, 'booking'],
                [self::Ledger, 'request'],
            ],
            true,
        )
            || ($this->isPhoto() && \in_array($field, ['jpeg', 'width', 'height'], true));
    }
}
