<?php

declare(strict_types=1);

namespace Inlaid\App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    public static function fromEnvironment(): self
    {
        $env = getenv('APP_ENV');

        return new self(\is_string($env) && '' !== $env ? $env : 'prod', '1' === getenv('APP_DEBUG'));
    }
}
