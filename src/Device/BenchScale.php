<?php

declare(strict_types=1);

namespace Inlaid\App\Device;

use Inlaid\Core\Measure\SettleWeight;
use Inlaid\Core\Measure\WeightShown;
use Psr\Cache\CacheItemPoolInterface;

/**
 * The scale on the bench: a simulated one, until a real one says what lies on it at the same address. What lies on it is forgotten with the cache.
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
        $this->cache->save($item->set([$shown->grams, $grams, microtime(true)]));

        return $this->read();
    }

    public function read(): WeightShown
    {
        $kept = $this->cache->getItem(self::KEY)->get();
        [$before, $now, $at] = \is_array($kept) && [0, 1, 2] === array_keys($kept) ? array_map(static fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0, $kept) : [0.0, 0.0, 0.0];

        return $this->settle->show($before, $now, microtime(true) - $at);
    }
}
