<?php

declare(strict_types=1);

namespace Tests\House;

use PHPUnit\Framework\Attributes\Test;
use Tests\TestCase;

/** What stands beside the commands is run seldom: it names only what is there. */
final class ScriptsTest extends TestCase
{
    #[Test]
    public function scripts_beside_the_commands_name_classes_that_are_there(): void
    {
        $named = 0;
        foreach (glob(base_path('bin/lib/*.php')) ?: [] as $file) {
            preg_match_all('/\b(?:App|Velbrin|Illuminate|Database)(?:\\\\\w+)+/', (string) file_get_contents($file), $found);
            foreach (array_unique($found[0]) as $class) {
                self::assertTrue(class_exists($class) || interface_exists($class) || enum_exists($class), basename($file).": {$class}");
                $named++;
            }
        }
        self::assertGreaterThan(10, $named);
    }

    #[Test]
    public function the_pages_that_are_timed_are_routes(): void
    {
        $script = (string) file_get_contents(base_path('bin/lib/bench.php'));
        preg_match_all("#=> '(/[a-z0-9/-]*)(?:\\?[^']*)?'#", $script, $paths);
        self::assertGreaterThan(20, count($paths[1]));
        foreach ($paths[1] as $path) {
            // A path that ends in a stroke goes on with the number of a row.
            $route = app('router')->getRoutes()->match(request()->create(preg_replace('#(?<=.)/$#', '/1', $path)));
            self::assertNotNull($route->getName(), $path);
        }
    }
}
