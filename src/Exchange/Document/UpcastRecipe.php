<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\App\Exchange\Json;
use Inlaid\App\Exchange\RawJson;

/**
 * Brings a recipe document of an older version to the present one, before it is read; a version that has golden files in
 * `tests/Exchange/golden/` to prove it.
 *
 * 1 → 2: a part's `substrate.ground` (bare, sealed, painted) became its `finish`, of which more is known now.
 * 2 → 3: nothing changes; what is new (repeat, tool, masks, residue, clean-up …) may be missing.
 * 3 → 4: a part's `patches` became `fields` of its first face, each a fiftieth of it, as nobody had measured them.
 */
final class UpcastRecipe
{
    public const FORMAT = 'inlaid-recipe';
    public const VERSION = 4;

    private const OF_A_PATCH = 0.02;
    private const FINISHES = ['bare' => 'bare', 'sealed' => 'varnish', 'painted' => 'paint'];

    /**
     * @param mixed $json as json_decode gives it; left as it is where it makes no sense, for the reader to say so
     */
    public function upcast(mixed $json): mixed
    {
        if (!$json instanceof \stdClass || !\in_array($json->version ?? null, [1, 2, 3], true)) {
            return $json;
        }
        $version = $json->version;
        $json = Json::copy($json);
        $json->version = self::VERSION;
        $parts = ($json->piece ?? null) instanceof \stdClass ? $json->piece->parts ?? null : null;
        foreach (\is_array($parts) ? $parts : [] as $part) {
            self::patches($part);
            if (1 !== $version) {
                continue;
            }
            $substrate = $part instanceof \stdClass ? $part->substrate ?? null : null;
            $ground = $substrate instanceof \stdClass ? $substrate->ground ?? null : null;
            if ($part instanceof \stdClass && $substrate instanceof \stdClass && \is_string($ground) && isset(self::FINISHES[$ground])) {
                unset($substrate->ground);
                $part->finish = (object) ['kind' => self::FINISHES[$ground]];
            }
        }

        return $json;
    }

    /** A stored document as it is said today. */
    public function today(string $document): RawJson
    {
        $json = Json::decode($document);
        $recipe = $json instanceof \stdClass && ($json->recipe ?? null) instanceof \stdClass ? $json->recipe : null; // that of a board
        if (null === $recipe) {
            $now = $this->upcast($json);

            return $now === $json ? new RawJson($document) : new RawJson(Json::encode($now));
        }
        $now = $this->upcast($recipe);

        return $now === $recipe ? new RawJson($document) : new RawJson(Json::encode([...(array) $json, 'recipe' => $now]));
    }

    private static function patches(mixed $part): void
    {
        $patches = $part instanceof \stdClass ? $part->patches ?? null : null;
        if (!$part instanceof \stdClass || !\is_array($patches)) {
            return;
        }
        unset($part->patches);
        $part->fields = array_map(static fn (mixed $patch, int $i): mixed => !$patch instanceof \stdClass ? $patch : (object) [
            'id' => 'repair-'.($i + 1),
            'share' => self::OF_A_PATCH,
            ...(array) $patch,
        ], $patches, array_keys($patches));
    }
}
