<?php

declare(strict_types=1);

namespace Inlaid\App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\DependencyInjection\ChildDefinition;
use Symfony\Component\DependencyInjection\ContainerBuilder;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;
use Symfony\Component\Routing\Attribute\Route;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    public static function fromEnvironment(): self
    {
        $env = getenv('APP_ENV');

        return new self(\is_string($env) && '' !== $env ? $env : 'prod', '1' === getenv('APP_DEBUG'));
    }

    /**
     * Whatever has a route is a controller: no second place to say so.
     */
    protected function build(ContainerBuilder $container): void
    {
        $container->registerAttributeForAutoconfiguration(Route::class, static function (ChildDefinition $definition): void {
            $definition->addTag('controller.service_arguments');
        });
    }
}
