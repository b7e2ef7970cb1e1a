<?php

declare(strict_types=1);

namespace Inlaid\App\Exchange\Document;

use Inlaid\App\Exchange\Json;

/**
 * Brings a recipe document of an older version to the present one, before it is read; a version that has golden files in
 * `tests/Exchange/golden/` to prove it.
 *
 * 1 → 2: a part's `substrate.ground` (bare, sealed, painted) became its `finish`, of which more is known now.
 * 2 → 3: nothing changes; what is new (repeat, tool, masks, residue, clean-up …) may be missing.
 */
final class UpcastRecipe
{
    public const FORMAT = 'inlaid-recipe';
    public const VERSION = 3;

    private const FINISHES = ['bare' => 'bare', 'sealed' => 'varnish', 'painted' => 'paint'];

    /**
     * @param mixed $json as json_decode gives it; left as it is where it makes no sense, for the reader to say so
     */
    public function upcast(mixed $json): mixed
    {
        if (!$json instanceof \stdClass || !\in_array($json->version ?? null, [1, 2], true)) {
            return $json;
        }
        $version = $json->version;
        $json = Json::copy($json);
        $json->version = self::VERSION;
        $parts = ($json->piece ?? null) instanceof \stdClass ? $json->piece->parts ?? null : null;
        foreach (1 === $version && \is_array($parts) ? $parts : [] as $part) {
            $substrate = $part instanceof \stdClass ? $part->substrate ?? null : null;
            $ground = $substrate instanceof \stdClass ? $substrate->ground ?? null : null;
            if ($part instanceof \stdClass && $substrate instanceof \stdClass && \is_string($ground) && isset(self::FINISHES[$ground])) {
                unset($substrate->ground);
                $part->finish = (object) ['kind' => self::FINISHES[$ground]];
            }
        }

        return $json;
    }
}
