<?php

declare(strict_types=1);

namespace App\House\Database;

/**
 * Traits are booted by the names of their methods (bootX, initializeX), as all of ours and the framework’s are called. The framework
 * also looks through some three hundred methods of every model for attributes that say the same: a tenth of a page’s time.
 */
trait BootsByName
{
    protected static function bootTraits(): void
    {
        $class = static::class;
        self::$traitInitializers[$class] = [];
        foreach (class_uses_recursive($class) as $trait) {
            $name = class_basename($trait);
            if (method_exists($class, "boot{$name}")) {
                $class::{"boot{$name}"}();
            }
            if (method_exists($class, "initialize{$name}")) {
                self::$traitInitializers[$class][] = "initialize{$name}";
            }
        }
    }
}
