<?php

declare(strict_types=1);

return (new PhpCsFixer\Config)
    ->setRiskyAllowed(true)
    ->setRules([
        '@PER-CS2.0' => true,
        'array_syntax' => ['syntax' => 'short'],
        'concat_space' => ['spacing' => 'none'],
        'declare_strict_types' => true,
        'new_with_parentheses' => ['named_class' => false],
        'multiline_promoted_properties' => ['minimum_number_of_parameters' => 2],
        'no_unused_imports' => true,
        'not_operator_with_successor_space' => true,
        'operator_linebreak' => ['only_booleans' => true, 'position' => 'beginning'],
        'ordered_imports' => true,
        'php_unit_method_casing' => ['case' => 'snake_case'],
        'single_line_empty_body' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arguments', 'arrays', 'match', 'parameters']],
    ])
    ->setFinder(
        PhpCsFixer\Finder::create()
            ->in(['app', 'bench', 'bin/lib', 'bootstrap', 'config', 'core/src', 'core/tests', 'core/bin', 'database', 'routes', 'tests'])
            ->exclude('cache')
            // Commands have no ending.
            ->append(array_filter(
                [...glob('bench/*') ?: [], ...glob('core/bin/*') ?: [], 'artisan'],
                static fn(string $file): bool => is_file($file) && str_contains((string) file_get_contents($file, length: 40), 'php'),
            )),
    );
