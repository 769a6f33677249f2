<?php

declare(strict_types=1);

// No line of ours over 140 characters: a thought stands on its own line. Prints what is too long and ends with 1.

const MOST = 140;

$root = dirname(__DIR__, 2);
$long = 0;
foreach (['app', 'bootstrap', 'config', 'core', 'database', 'routes', 'tests'] as $folder) {
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS));
    /** @var SplFileInfo $file */
    foreach ($files as $file) {
        $path = substr($file->getPathname(), strlen($root) + 1);
        // Migrations of the baseline are frozen as they are; what is cached is not ours; a message of a catalogue is one string.
        if ($file->getExtension() !== 'php' || preg_match('~^database/migrations/2026_11_2[57]_|^bootstrap/cache/|/words/~', $path) === 1) {
            continue;
        }
        foreach (file($file->getPathname(), FILE_IGNORE_NEW_LINES) ?: [] as $n => $line) {
            if (mb_strlen($line) > MOST) {
                echo "{$path}:".($n + 1).': '.mb_strlen($line)." characters\n";
                $long++;
            }
        }
    }
}
exit($long === 0 ? 0 : 1);
