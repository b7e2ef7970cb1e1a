<?php

declare(strict_types=1);

namespace Inlaid\Core\Colour;

/**
 * Remembers figures by band that take long to work out and are always the same for what they depend on.
 */
interface Memory
{
    /**
     * @param string                        $of   all that they depend on
     * @param \Closure(): list<list<float>> $make
     *
     * @return list<list<float>>
     */
    public function recall(string $of, \Closure $make): array;
}
