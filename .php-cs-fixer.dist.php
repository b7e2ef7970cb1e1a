<?php

declare(strict_types=1);

$finder = PhpCsFixer\Finder::create()->in([__DIR__.'/core', __DIR__.'/src', __DIR__.'/tests', __DIR__.'/migrations', __DIR__.'/config', __DIR__.'/public'])->exclude('build')->append([__FILE__]);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        '@PHP82Migration' => true,
        'declare_strict_types' => true,
        'strict_comparison' => true,
        'strict_param' => true,
        'native_function_invocation' => ['include' => ['@compiler_optimized'], 'scope' => 'namespaced'],
        'global_namespace_import' => ['import_classes' => false],
        'phpdoc_to_comment' => false,
        'single_line_throw' => false,
        'yoda_style' => ['equal' => true, 'identical' => true, 'less_and_greater' => null],
    ])
    ->setFinder($finder);
