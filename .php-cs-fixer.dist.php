<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;

// Prettier lays the code out (npm run format); what it does not touch is held here.
$left = [
    'array_indentation',
    'attribute_block_no_spaces',
    'braces_position',
    'class_definition',
    'concat_space',
    'function_declaration',
    'integer_literal_case',
    'method_argument_space',
    'no_multiline_whitespace_around_double_arrow',
    'no_unneeded_control_parentheses',
    'operator_linebreak',
    'single_line_throw',
    'single_space_around_construct',
    'space_after_semicolon',
    'spaces_inside_parentheses',
    'statement_indentation',
    'trailing_comma_in_multiline',
    'types_spaces',
];

return (new Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        ...array_fill_keys($left, false),
        'declare_strict_types' => true,
        'native_constant_invocation' => ['scope' => 'namespaced', 'strict' => false],
        'native_function_invocation' => false,
        'phpdoc_align' => ['align' => 'left'],
    ])
    ->setCacheFile(__DIR__ . '/var/php-cs-fixer.cache')
    ->setFinder(
        Finder::create()
            ->in(
                array_map(static fn(string $folder): string => __DIR__ . '/' . $folder, [
                    'bench',
                    'check',
                    'config',
                    'contract',
                    'core',
                    'demo',
                    'migrations',
                    'public',
                    'src',
                    'tests',
                ]),
            )
            ->append([__DIR__ . '/bin/wubbin', __FILE__])
            ->notPath('app/'),
    );
