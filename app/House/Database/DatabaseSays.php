<?php

declare(strict_types=1);

namespace App\House\Database;

use Illuminate\Database\DeadlockException;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;
use Illuminate\Validation\ValidationException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;
use Throwable;

/** What an error of the database means for whoever asked. */
final class DatabaseSays
{
    private const AGAIN_AFTER_S = 5;

    /** What does not fit a column although every rule let it through: the last line of defence, and written down. */
    private const DOES_NOT_FIT = [1264, 1292, 1366, 1406, 3140];

    private const IS_THERE_ALREADY = 1062;

    private const POINTS_NOWHERE = 1452;

    private const DEADLOCKS = [1205, 1213];

    public static function inWords(PDOException|DatabaseAway $e): Throwable
    {
        if (DatabaseAway::isSaidBy($e)) {
            return new ServiceUnavailableHttpException(self::AGAIN_AFTER_S, 'The database does not answer.', new DatabaseAway($e));
        }
        $code = self::code($e);
        $words = match (true) {
            in_array($code, self::DOES_NOT_FIT, true) => 'A value is too long or too great to be kept. Look it through and send it again.',
            $code === self::IS_THERE_ALREADY => 'That is there already, perhaps since a moment ago. Load the page anew and look.',
            $code === self::POINTS_NOWHERE => 'Something this belongs to is gone. Load the page anew and look.',
            default => null,
        };
        if ($words === null) {
            return $e;
        }
        // The statement only: its values may be somebody's.
        $statement = $e instanceof QueryException ? $e->getSql() : '';
        Log::warning('A value reached the database that it does not take', ['code' => $code, 'sql' => $statement]);

        return ValidationException::withMessages(['form' => $words]);
    }

    /** Two wrote at once and one was turned back whole: done again it goes through. */
    public static function isTurnedBack(?Throwable $e): bool
    {
        for ($at = $e; $at !== null; $at = $at->getPrevious()) {
            if ($at instanceof DeadlockException || ($at instanceof PDOException && in_array(self::code($at), self::DEADLOCKS, true))) {
                return true;
            }
        }

        return false;
    }

    private static function code(Throwable $e): int
    {
        $info = $e instanceof PDOException ? $e->errorInfo : null;

        return is_array($info) && is_numeric($info[1] ?? null) ? (int) $info[1] : 0;
    }
}
