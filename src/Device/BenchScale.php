<?php

declare(strict_types=1);

namespace Inlaid\App\Device;

use Inlaid\Core\Measure\SettleWeight;
use Inlaid\Core\Measure\WeightShown;
use Psr\Cache\CacheItemPoolInterface;

/**
 * The scale on the bench: a simulated one, until a real one says what lies on it at the same address. What lies on it is forgotten with the
 * cache.
 */
final readonly class BenchScale
{
    private const KEY = 'bench-scale';
    public const MOST = 20_000.0;

    public function __construct(private CacheItemPoolInterface $cache, private SettleWeight $settle = new SettleWeight())
    {
    }

    /**
     * @param float $grams that lie on it now
     */
    public function put(float $grams): WeightShown
    {
        $shown = $this->read();
        $item = $this->cache->getItem(self::KEY);
        $this->cache->save($item->set([$shown->grams, min(self::MOST, max(0.0, $grams)), microtime(true)]));

        return $this->read();
    }

    /**
     * @param float $grams that are poured onto what lies on it
     */
    public function pour(float $grams): WeightShown
    {
        return $this->put($this->kept()[1] + $grams);
    }

    public function read(): WeightShown
    {
        [$before, $now, $at] = $this->kept();

        return $this->settle->show($before, $now, microtime(true) - $at);
    }

    /**
     * @return array{float, float, float} what it showed when the load changed, what lies on it since, and when that was
     */
    private function kept(): array
    {
        $kept = $this->cache->getItem(self::KEY)->get();
        $number = static fn (int $i): float => \is_array($kept) && is_numeric($kept[$i] ?? null) ? (float) $kept[$i] : 0.0;

        return [$number(0), $number(1), $number(2)];
    }
}
