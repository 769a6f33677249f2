<?php

declare(strict_types=1);

namespace App\Moves;

use Illuminate\Support\Facades\Cache;
use Throwable;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Brief\MoveAnswers;
use Velbrin\Core\Moves\Brief\MoveBrief;
use Velbrin\Core\Version;

/**
 * What can be said of a move, worked out once for all that is known of it: the search for its course takes most of a page's time, and
 * a page that is opened again asks the same. One answer a move is kept; whatever changes in what is known asks anew.
 */
final class AnsweredOnce
{
    private const KEPT_S = 7 * 86_400;

    /** @throws OutOfRange */
    public static function of(Move $move, MoveBrief $brief): MoveAnswers
    {
        $asked = hash('sha256', Version::NUMBER.'|'.config('velbrin.core_written').'|'.serialize($brief));
        $kept = Cache::get(self::key($move));
        if (is_array($kept) && ($kept['asked'] ?? null) === $asked && is_string($kept['answers'] ?? null)) {
            $answers = self::read($kept['answers']);
            if ($answers !== null) {
                return $answers;
            }
        }
        $answers = MoveAnswers::of($brief);
        Cache::put(self::key($move), ['asked' => $asked, 'answers' => serialize($answers)], self::KEPT_S);

        return $answers;
    }

    private static function key(Move $move): string
    {
        return "move-answers|{$move->id}";
    }

    /** Null: it was written by classes that are not there any more. */
    private static function read(string $kept): ?MoveAnswers
    {
        try {
            $answers = unserialize($kept);
        } catch (Throwable) {
            return null;
        }

        return $answers instanceof MoveAnswers ? $answers : null;
    }
}
