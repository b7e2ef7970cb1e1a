<?php

declare(strict_types=1);

namespace Inlaid\App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\DependencyInjection\ChildDefinition;
use Symfony\Component\DependencyInjection\Compiler\CompilerPassInterface;
use Symfony\Component\DependencyInjection\ContainerBuilder;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Routing\Matcher\CompiledUrlMatcher;

final class Kernel extends BaseKernel implements CompilerPassInterface
{
    use MicroKernelTrait;

    public static function fromEnvironment(): self
    {
        $env = getenv('APP_ENV');

        return new self(\is_string($env) && '' !== $env ? $env : 'prod', '1' === getenv('APP_DEBUG'));
    }

    /**
     * An address is as it is written: none is sent on to another one with a slash more or less.
     */
    public function process(ContainerBuilder $container): void
    {
        $container->getDefinition('router.default')->addMethodCall('setOption', ['matcher_class', CompiledUrlMatcher::class]);
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
