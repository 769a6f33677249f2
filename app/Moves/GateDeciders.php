<?php

declare(strict_types=1);

namespace App\Moves;

use Velbrin\Core\Moves\Day\EventKind;

/** Who decided at each gate of a move, and when: the last word counts, as in its day. */
final class GateDeciders
{
    /** @return array<string, array{by: string, at: string}> by gate */
    public static function of(Move $move): array
    {
        $said = $move->events()->where('kind', EventKind::Gate)->with('user:id,name')->get();
        $deciders = [];
        foreach ($said as $event) {
            $deciders[(string) $event->of] = ['by' => $event->user->name ?? 'somebody', 'at' => $event->at->toIso8601ZuluString()];
        }

        return $deciders;
    }
}
