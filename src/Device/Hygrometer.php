<?php

declare(strict_types=1);

namespace Inlaid\App\Device;

use Inlaid\Core\Context\Context;
use Inlaid\Core\Drying\Climate;
use Inlaid\Core\Drying\DayCurve;
use Psr\Cache\CacheItemPoolInterface;

/**
 * The hygrometers of the places: a simulated one goes through the day of its place, until a real one says at the same address what it
 * measures. What was measured is remembered hour by hour for a day, and forgotten with the cache.
 */
final readonly class Hygrometer
{
    private const KEY = 'hygrometer-';
    /** So long a measured value is believed to hold, seconds. */
    private const HOLDS = 1800;
    private const DAY = 86_400;

    public function __construct(private CacheItemPoolInterface $cache, private string $storePath)
    {
    }

    public function measured(?string $place, Climate $climate, int $now, Context $context): void
    {
        $item = $this->cache->getItem($this->key($place));
        $kept = [self::hour($now, $context) => [$now, $climate->temperature, $climate->humidity]] + $this->kept($place, $now);
        $this->cache->save($item->set($kept));
    }

    /**
     * @return array{Climate, bool} what it shows, and whether it is simulated
     */
    public function read(?string $place, int $now, Context $context): array
    {
        $usual = $context->air($place);
        $latest = null;
        foreach ($this->kept($place, $now) as $measured) {
            $latest = null === $latest || $measured[0] > $latest[0] ? $measured : $latest;
        }

        return null !== $latest && $now - $latest[0] <= self::HOLDS
            ? [Climate::of($latest[1], $latest[2], $usual->hours[0]->air), false]
            : [$usual->at($now + $this->offset($now, $context)), true];
    }

    /** The day of a place, as it was measured where it was. */
    public function day(?string $place, int $now, Context $context): DayCurve
    {
        $usual = $context->air($place);
        $measured = $this->kept($place, $now);

        return [] === $measured
            ? $usual
            : $usual->corrected(array_map(static fn (array $m): Climate => Climate::of($m[1], $m[2], $usual->hours[0]->air), $measured));
    }

    /**
     * @return array<int, array{int, float, float}> instant, °C and % of the last day, by hour
     */
    private function kept(?string $place, int $now): array
    {
        $kept = $this->cache->getItem($this->key($place))->get();
        $measured = [];
        foreach (\is_array($kept) ? $kept : [] as $hour => $m) {
            if (
                \is_int($hour)
                && \is_array($m)
                && \is_int($m[0] ?? null)
                && is_numeric($m[1] ?? null)
                && is_numeric($m[2] ?? null)
                && $now - $m[0] < self::DAY
            ) {
                $measured[$hour] = [$m[0], (float) $m[1], (float) $m[2]];
            }
        }

        return $measured;
    }

    private static function hour(int $now, Context $context): int
    {
        return (int) substr($context->working->iso($now), 11, 2);
    }

    private function offset(int $now, Context $context): int
    {
        return (new \DateTimeImmutable('@'.$now))->setTimezone($context->working->zone)->getOffset();
    }

    /** Of this studio: several may share a cache. */
    private function key(?string $place): string
    {
        return self::KEY.hash('xxh64', $this->storePath.' '.$place);
    }
}
