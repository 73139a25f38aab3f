<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;

return (new Config())
    ->setRiskyAllowed(true)
    ->setUnsupportedPhpVersionAllowed(true)
    ->setFinder(
        Finder::create()
            ->in([
                __DIR__ . '/app',
                __DIR__ . '/bin',
                __DIR__ . '/bootstrap',
                __DIR__ . '/config',
                __DIR__ . '/core',
                __DIR__ . '/database',
                __DIR__ . '/packages',
                __DIR__ . '/public',
                __DIR__ . '/routes',
                __DIR__ . '/tests',
            ])
            ->exclude(['cache', 'build'])
            ->name('*.php'),
    )
    ->setRules([
        '@PER-CS2x0' => true,
        'array_syntax' => ['syntax' => 'short'],
        'concat_space' => ['spacing' => 'none'],
        'function_declaration' => ['closure_fn_spacing' => 'one'],
        'global_namespace_import' => ['import_classes' => true],
        'new_with_parentheses' => true,
        'no_unused_imports' => true,
        'not_operator_with_successor_space' => true,
        'operator_linebreak' => ['position' => 'beginning'],
        'ordered_imports' => true,
        'phpdoc_align' => false,
        'phpdoc_indent' => true,
        'phpdoc_order' => true,
        'phpdoc_scalar' => true,
        'phpdoc_trim' => true,
        'single_quote' => true,
        'strict_param' => true,
    ]);
