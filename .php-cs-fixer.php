<?php

declare(strict_types=1);

$finder = PhpCsFixer\Finder::create()
    ->in(__DIR__)
    ->exclude(['vendor', 'node_modules', 'var', 'bootstrap/cache', 'public/build', 'resources/views', 'standin/views'])
    ->append([__DIR__.'/core/bin/core', __DIR__.'/core/bin/bench']);

return (new PhpCsFixer\Config)
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')
    ->setRules([
        '@PSR12' => true,
        'array_indentation' => true,
        'array_syntax' => ['syntax' => 'short'],
        'braces_position' => [
            'allow_single_line_empty_anonymous_classes' => true,
            'classes_opening_brace' => 'next_line_unless_newline_at_signature_end',
        ],
        'single_line_empty_body' => true,
        'concat_space' => ['spacing' => 'none'],
        'global_namespace_import' => ['import_classes' => true, 'import_functions' => null, 'import_constants' => null],
        'new_with_parentheses' => ['named_class' => false, 'anonymous_class' => false],
        'no_unused_imports' => true,
        'not_operator_with_successor_space' => true,
        'ordered_imports' => ['sort_algorithm' => 'alpha'],
        'single_quote' => true,
        'static_lambda' => true,
        'strict_comparison' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arguments', 'arrays', 'match', 'parameters']],
        'phpdoc_separation' => false,
        'no_superfluous_phpdoc_tags' => false,
    ])
    ->setFinder($finder);
