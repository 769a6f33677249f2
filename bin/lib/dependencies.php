<?php

// Writes docs/dependencies.md from what is installed: php bin/lib/dependencies.php > docs/dependencies.md

declare(strict_types=1);

const WHAT_FOR = [
    'dompdf/dompdf' => 'papers as PDF',
    'inertiajs/inertia-laravel' => 'pages without an API of their own, the server side',
    'laravel/framework' => 'the framework',
    'laravel/sanctum' => 'personal tokens of the API',
    'laravel/tinker' => 'a console on a server',
    'sabre/vobject' => 'calendars (iCalendar)',
    'spatie/laravel-activitylog' => 'lines of the audit trail',
    'fakerphp/faker' => 'test data',
    'larastan/larastan' => 'static analysis of the framework’s code',
    'laravel/pint' => 'PHP style',
    'mockery/mockery' => 'test doubles',
    'nunomaduro/collision' => 'errors of the test runner, readable',
    'opis/json-schema' => 'schemas checked in tests',
    'phpat/phpat' => 'direction of imports',
    'phpstan/phpdoc-parser' => 'own rules of the analysis',
    'phpunit/phpunit' => 'tests',
    'symfony/expression-language' => 'asked for by the analysis',
    'symfony/property-info' => 'TypeScript from view classes',
    'symfony/type-info' => 'TypeScript from view classes',
    '@fontsource-variable/archivo' => 'the typeface, shipped with the app',
    '@inertiajs/vue3' => 'pages without an API of their own, the browser side',
    'bootstrap' => 'the kit’s styles',
    'bootstrap-vue-next' => 'the kit of the screens',
    'echarts' => 'plots',
    'uqr' => 'the picture of a second factor’s secret',
    'vue' => 'the screens',
    'vue-echarts' => 'plots in Vue',
    'axe-core' => 'accessibility checked',
    '@playwright/test' => 'browser tests',
    '@types/node' => 'types of Node',
    '@vitejs/plugin-vue' => 'building the pages',
    '@vue/eslint-config-typescript' => 'style',
    '@zxcvbn-ts/language-common' => 'the list of common passwords',
    'eslint' => 'style',
    'eslint-config-prettier' => 'style',
    'eslint-plugin-vue' => 'style',
    'ical.js' => 'calendars read back in tests',
    'laravel-vite-plugin' => 'building the pages',
    'postcss-html' => 'style',
    'prettier' => 'style',
    'stylelint' => 'style',
    'stylelint-config-standard' => 'style',
    'stylelint-config-standard-vue' => 'style',
    'typescript' => 'types',
    'vite' => 'building the pages',
    'vitest' => 'tests of scripts',
    'vue-tsc' => 'types in pages',
];

$root = dirname(__DIR__, 2);
$read = fn (string $file): array => (array) json_decode((string) file_get_contents("{$root}/{$file}"), true);
$composer = $read('composer.json');
$node = $read('package.json');
$locked = $read('package-lock.json')['packages'] ?? [];
$installed = [];
foreach ($read('vendor/composer/installed.json')['packages'] ?? [] as $package) {
    $installed[$package['name']] = $package;
}
$licence = fn (string $name): string => implode(' or ', $installed[$name]['license'] ?? ['?']);
$npmLicence = fn (string $name): string => $locked["node_modules/{$name}"]['license'] ?? '?';

echo "# What Velbrin is built on\n\n";
echo "Direct dependencies are pinned to one version. Written by `php bin/lib/dependencies.php > docs/dependencies.md`; a test holds the\n";
echo "direct ones to `composer.json` and `package.json`. `composer audit` and `npm audit` tell of known faults where they are reached.\n";
foreach (['require' => 'PHP, at run time', 'require-dev' => 'PHP, while building and testing'] as $key => $title) {
    echo "\n## {$title}\n\n| package | version | licence | what for |\n|---|---|---|---|\n";
    foreach ($composer[$key] as $name => $version) {
        if (str_contains($name, '/')) {
            echo "| {$name} | {$version} | {$licence($name)} | ".(WHAT_FOR[$name] ?? '?')." |\n";
        }
    }
}
foreach (['dependencies' => 'In the browser', 'devDependencies' => 'Scripts, while building and testing'] as $key => $title) {
    echo "\n## {$title}\n\n| package | version | licence | what for |\n|---|---|---|---|\n";
    foreach ($node[$key] as $name => $version) {
        echo "| {$name} | {$version} | {$npmLicence($name)} | ".(WHAT_FOR[$name] ?? '?')." |\n";
    }
}
$direct = [...array_keys($composer['require']), ...array_keys($composer['require-dev'])];
$by = [];
foreach (array_keys($installed) as $name) {
    if (! in_array($name, $direct, true)) {
        $by['PHP'][$licence($name)][] = $name;
    }
}
foreach ($locked as $path => $package) {
    $name = preg_replace('~^.*node_modules/~', '', $path);
    if ($path !== '' && ! isset($node['dependencies'][$name]) && ! isset($node['devDependencies'][$name])) {
        $by['scripts'][$package['license'] ?? 'stated in its own files'][] = $name;
    }
}
echo "\n## What they bring\n";
foreach ($by as $kind => $licences) {
    ksort($licences);
    echo "\n### {$kind}\n\n";
    foreach ($licences as $name => $packages) {
        sort($packages);
        echo "- **{$name}**: ".implode(', ', array_unique($packages))."\n";
    }
}
echo "\n## From Debian\n\nPHP 8.2 with its extensions, MariaDB 10.11, nginx, Composer, curl, unzip, procps; for tests Chromium and poppler-utils.\n";
