<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\Attributes\Test;
use Tests\TestCase;

/** Pages about the house say what is so. */
final class DocsTest extends TestCase
{
    #[Test]
    public function each_test_the_security_page_leans_on_is_there(): void
    {
        $page = (string) file_get_contents(base_path('docs/security.md'));
        preg_match_all('/`([A-Z]\w+Test)(?:::(\w+))?`/', $page, $named, PREG_SET_ORDER);
        self::assertGreaterThan(40, count($named));
        $sources = [];
        foreach ([base_path('tests'), base_path('core/tests')] as $folder) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder)) as $file) {
                if ($file instanceof \SplFileInfo && str_ends_with($file->getFilename(), 'Test.php')) {
                    $sources[$file->getBasename('.php')] = (string) file_get_contents($file->getPathname());
                }
            }
        }
        foreach ($named as $one) {
            self::assertArrayHasKey($one[1], $sources);
            if (isset($one[2])) {
                self::assertStringContainsString("function {$one[2]}(", $sources[$one[1]], $one[0]);
            }
        }
    }

    #[Test]
    public function every_direct_dependency_is_listed_with_its_one_version(): void
    {
        $page = (string) file_get_contents(base_path('docs/dependencies.md'));
        $composer = json_decode((string) file_get_contents(base_path('composer.json')), true);
        $node = json_decode((string) file_get_contents(base_path('package.json')), true);
        $all = [...$composer['require'], ...$composer['require-dev'], ...$node['dependencies'], ...$node['devDependencies']];
        foreach ($all as $name => $version) {
            if ($name === 'php' || str_starts_with($name, 'ext-')) {
                continue;
            }
            self::assertMatchesRegularExpression('/^\d+\.\d+\.\d+$/', $version, $name);
            self::assertStringContainsString("| {$name} | {$version} |", $page);
        }
        self::assertStringNotContainsString('| ? |', $page);
    }
}
