<?php

declare(strict_types=1);

/**
 * Read once, when php-fpm begins: every class of ours and the framework's that a page may want is linked and kept, so that no request
 * looks for one. Given to php-fpm as opcache.preload; what is changed on disk is seen after its next start.
 */

/** Of the packages, what every page stands on; consoles, queues of other kinds and test helpers stay outside. */
const FRAMEWORK = '/^(?:'.
    'Illuminate\\\\(?:Auth|Cache|Config|Container|Contracts|Cookie|Database|Encryption|Events|Filesystem|Foundation\\\\(?!Testing|Console)'.
    '|Hashing|Http|Pipeline|Routing|Session|Support|Translation|Validation|View)'.
    '|Inertia|Symfony\\\\Component\\\\HttpFoundation|Carbon'.
    ')\\\\/';

const OURS = '/^(?:App\\\\(?!Demo)|Velbrin\\\\Core)\\\\?/';

/** Another database, a console, what only a test brings along. */
const NOT = '/Console|Testing|SqlServer|Postgres|SQLite|Redis|Dynamo|Memcached|PHPStan|Doctrine|Fake|Factor(?:y|ies)\\\\/';

$root = dirname(__DIR__);
$loader = require $root.'/vendor/autoload.php';
$classes = array_filter(
    array_keys($loader->getClassMap()),
    fn (string $class): bool => preg_match(OURS, $class) === 1 || (preg_match(FRAMEWORK, $class) === 1 && preg_match(NOT, $class) === 0),
);
foreach ($classes as $class) {
    try {
        class_exists($class) || interface_exists($class) || trait_exists($class) || enum_exists($class);
    } catch (Throwable) {
        // It stands on a package that is not installed here; so no page asks for it.
    }
}
