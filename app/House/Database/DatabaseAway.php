<?php

declare(strict_types=1);

namespace App\House\Database;

use Illuminate\Database\LostConnectionDetector;
use RuntimeException;
use Throwable;

/** The database does not answer: nothing is wrong with what was asked, and nothing of it was kept. */
final class DatabaseAway extends RuntimeException
{
    /** Too many connections; the server is shutting down; cannot connect; gone; lost while asking. */
    private const CODES = ['[1040]', '[1053]', '[2002]', '[2003]', '[2006]', '[2013]', ': 1053 ', ': 2006 ', ': 2013 '];

    public function __construct(?Throwable $why = null)
    {
        parent::__construct('The database does not answer.', 0, $why);
    }

    public static function isSaidBy(Throwable $e): bool
    {
        for ($at = $e; $at !== null; $at = $at->getPrevious()) {
            if ($at instanceof self || (new LostConnectionDetector())->causedByLostConnection($at)) {
                return true;
            }
            foreach (self::CODES as $code) {
                if ($at instanceof \PDOException && str_contains($at->getMessage(), $code)) {
                    return true;
                }
            }
        }

        return false;
    }
}
