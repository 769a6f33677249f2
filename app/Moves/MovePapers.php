<?php

declare(strict_types=1);

namespace App\Moves;

use App\House\Days;
use App\Moves\Kit\Kit;
use App\Moves\Kit\OwnLine;
use App\Moves\Views\KitLineView;
use App\Moves\Views\MoveBoxView;
use App\Moves\Views\MoveHeadView;
use App\Team\User;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Brief\BoxAnswer;
use Velbrin\Core\Moves\Brief\PackingLine;
use Velbrin\Core\Moves\Day\EventKind;

/** What is printed of a move: labels for the boxes, and what is taken along. */
final class MovePapers
{
    /**
     * Labels and the list of what is taken along, with what was missed at the last moves. The move is loaded with from, to and system.
     *
     * @return array<string, mixed>
     */
    public static function of(Move $move, User $user): array
    {
        try {
            $answers = AnsweredOnce::of($move, MoveDocument::read($move));
        } catch (OutOfRange) {
            $answers = null;
        }
        $kit = $answers === null ? null : Kit::of($move, $answers->brief);
        $begins = $answers->brief->beginsMin ?? 600;
        $ends = [];
        foreach ($answers->day->clocks ?? [] as $clock) {
            $ends[$clock['label']] = Days::clock($begins + $clock['fromMin'] + $clock['limitMin']);
        }

        return [
            'move' => MoveHeadView::of($move, $user, $begins, null, MoveStands::of($move, $answers?->brief)),
            'labels' => $answers === null ? [] : array_map(fn (BoxAnswer $b): array => [
                'id' => $b->box->id,
                'label' => $b->box->label,
                'animals' => MoveBoxView::of($b, $answers->brief->in($b->box), null, null)->animals,
                'litres' => $b->box->litres,
                'kg' => $b->box->kg(),
                'lastsUntil' => $ends[$b->box->label] ?? null,
                'air' => $b->box->airLMin > 0,
                'rides' => $b->box->inCabin ? 'cabin' : 'load space',
            ], $answers->boxes),
            'takeAlong' => $kit === null ? [] : array_map(
                fn (PackingLine $l): KitLineView => KitLineView::of($l, $kit->count),
                $kit->lines,
            ),
            'leftOff' => $kit->left ?? [],
            'own' => $kit->own ?? [],
            'maySay' => $user->can('create', OwnLine::class),
            'missed' => MoveEvent::query()
                ->where('kind', EventKind::Note->value)
                ->where('of', 'missed')
                ->latest('id')
                ->limit(30)
                ->pluck('words')
                ->unique()
                ->values()
                ->all(),
            'address' => url("/moves/{$move->id}/go"),
        ];
    }
}
