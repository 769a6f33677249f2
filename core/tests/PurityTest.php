<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The core asks nobody: no clock, no chance, no files, no network, no state of the machine. */
final class PurityTest extends TestCase
{
    private const FORBIDDEN = [
        'time',
        'microtime',
        'hrtime',
        'date',
        'gmdate',
        'mktime',
        'strtotime',
        'date_create',
        'now',
        'rand',
        'mt_rand',
        'random_int',
        'random_bytes',
        'uniqid',
        'shuffle',
        'array_rand',
        'lcg_value',
        'file_get_contents',
        'file_put_contents',
        'fopen',
        'file',
        'readfile',
        'scandir',
        'glob',
        'getenv',
        'putenv',
        'exec',
        'shell_exec',
        'system',
        'passthru',
        'proc_open',
        'mail',
        'curl_init',
        'setlocale',
        'sleep',
        'usleep',
        'error_log',
        'print_r',
        'var_dump',
    ];

    private const CLASSES = ['DateTime', 'DateTimeImmutable', 'DateInterval', 'SplFileObject', 'PDO', 'Random'];

    #[Test]
    public function it_calls_nothing_that_looks_outside(): void
    {
        $found = [];
        $files = 0;
        /** @var SplFileInfo $file */
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(dirname(__DIR__).'/src', RecursiveDirectoryIterator::SKIP_DOTS),
            ) as $file
        ) {
            $files++;
            $tokens = array_values(
                array_filter(
                    token_get_all((string) file_get_contents($file->getPathname())),
                    fn ($t): bool => ! is_array($t) || ! in_array($t[0], [T_WHITESPACE, T_COMMENT, T_DOC_COMMENT], true),
                ),
            );
            foreach ($tokens as $i => $token) {
                if (! is_array($token) || $token[0] !== T_STRING) {
                    continue;
                }
                $before = is_array($tokens[$i - 1] ?? null) ? $tokens[$i - 1][0] : null;
                $called =
                    ($tokens[$i + 1] ?? null) === '(' &&
                    ! in_array(
                        $before,
                        [T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_FUNCTION, T_NEW],
                        true,
                    );
                if (
                    ($called && in_array(strtolower($token[1]), self::FORBIDDEN, true)) ||
                    ($before === T_NEW && in_array($token[1], self::CLASSES, true))
                ) {
                    $found[] = $file->getFilename().':'.$token[2].' '.$token[1];
                }
            }
        }

        self::assertGreaterThan(50, $files);
        self::assertSame([], $found);
    }
}
