<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;

return (new Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'native_constant_invocation' => ['scope' => 'namespaced', 'strict' => false],
        'native_function_invocation' => false,
        // One argument a line where a call is long; several where they belong together.
        'method_argument_space' => ['on_multiline' => 'ignore'],
        'trailing_comma_in_multiline' => ['elements' => ['arguments', 'array_destructuring', 'arrays', 'match', 'parameters']],
        'single_line_throw' => false,
        'phpdoc_align' => ['align' => 'vertical'],
    ])
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')
    ->setFinder(Finder::create()
        ->in([__DIR__.'/bench', __DIR__.'/config', __DIR__.'/core', __DIR__.'/demo', __DIR__.'/migrations', __DIR__.'/public', __DIR__.'/src', __DIR__.'/tests'])
        ->append([__DIR__.'/bin/wubbin', __FILE__])
        ->notPath('app/'));
