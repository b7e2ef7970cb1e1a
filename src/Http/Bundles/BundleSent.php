<?php

declare(strict_types=1);

namespace Inlaid\App\Http\Bundles;

use Inlaid\App\Exchange\Bundle\ZipIn;
use Inlaid\App\Exchange\TemporaryFile;
use Symfony\Component\HttpFoundation\Request;

/**
 * A bundle that was sent, as a file for as long as something is done with it.
 */
final class BundleSent
{
    /** Seconds: a whole studio is many recipes to be worked out. */
    private const LONGEST = 600;

    /**
     * @template T
     *
     * @param \Closure(ZipIn): T $do
     *
     * @return T
     *
     * @throws \Inlaid\App\Exchange\Document\InvalidInput
     */
    public static function with(Request $request, \Closure $do): mixed
    {
        set_time_limit(self::LONGEST);
        $file = TemporaryFile::of([$request->getContent()]);

        return $do(ZipIn::open($file->path));
    }
}
