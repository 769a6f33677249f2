<?php

declare(strict_types=1);

namespace App\Moves;

use App\House\Days;
use App\Moves\Kit\Kit;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Brief\MoveBrief;
use Velbrin\Core\Moves\Day\Event;
use Velbrin\Core\Moves\MoveState;

/** How far a move has come, by its plan, its day and what became of its tank. */
final class MoveStands
{
    /**
     * @param  MoveBrief|null  $brief  null: read here, or it cannot be read
     * @param  list<Event>|null  $events  of its day; null: read here
     */
    public static function of(Move $move, ?MoveBrief $brief = null, ?array $events = null): MoveState
    {
        if ($move->closed_at !== null) {
            $settles = $move->system?->settling_until;

            return $settles === null || $settles->toDateString() < Days::text() ? MoveState::Settled : MoveState::Closed;
        }
        try {
            $brief ??= MoveDocument::read($move);
        } catch (OutOfRange) {
            return MoveState::Draft;
        }

        return MoveState::of(
            brief: $brief,
            events: $events ?? MoveHeads::events($move, $brief->beginsMin),
            kit: Kit::lines($brief),
            isDated: $move->on !== null,
        );
    }
}
