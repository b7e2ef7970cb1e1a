<?php

declare(strict_types=1);

namespace Inlaid\App\Store;

use Inlaid\Core\Colour\Memory;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Contracts\Cache\CacheInterface;

/**
 * Keeps spectra from one request to the next. It goes with the compiled container, so none outlives the code that made it.
 */
final readonly class KeptSpectra implements Memory
{
    public function __construct(#[Autowire(service: 'cache.spectra')] private CacheInterface $cache)
    {
    }

    public function recall(string $of, \Closure $make): array
    {
        return $this->cache->get(hash('xxh128', $of), static fn (): array => $make());
    }
}
