<?php

declare(strict_types=1);

namespace App\Moves;

use App\Systems\Stock\Animal;
use App\Systems\Stock\KeepAnimal;
use App\Systems\System;
use App\Team\User;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Brief\MoveBrief;
use Velbrin\Core\Moves\Day\Event;
use Velbrin\Core\Moves\Day\EventKind;
use Velbrin\Core\Moves\Day\HeadCount;

/** The animals of a move as they were counted on its day. */
final class MoveHeads
{
    /** @return list<Event> what was said on the day */
    public static function events(Move $move, int $beginsMin): array
    {
        return array_values($move->events()->get()->map(fn (MoveEvent $e): Event => new Event(
            id: $e->uuid,
            kind: $e->kind,
            atMin: TakeEvents::minutes($move, $e->at, $beginsMin),
            of: $e->of,
            value: $e->value,
            words: $e->words,
        ))->all());
    }

    /** Null: the plan cannot be read as it stands. */
    public static function of(Move $move): ?HeadCount
    {
        try {
            $brief = MoveDocument::read($move);
        } catch (OutOfRange) {
            return null;
        }

        return HeadCount::of($brief, self::events($move, $brief->beginsMin));
    }

    /** Whoever was signed for goes off the list of the system, or into its log where nobody had listed them. */
    public static function sign(Move $move, System $system, User $closes): void
    {
        try {
            $brief = MoveDocument::read($move);
        } catch (OutOfRange) {
            return;
        }
        foreach (self::lost($move, $brief) as $loss) {
            $why = mb_substr("lost in {$move->name}, signed for by {$loss['by']}. {$loss['words']}", 0, 280);
            $listed = ListedAnimals::living($loss['animal'], $system);
            if ($listed instanceof Animal) {
                KeepAnimal::goes($listed, min($loss['count'], $listed->count), $why, $closes);

                continue;
            }
            $system->logEntries()->create([
                'kind' => 'observed',
                'text' => mb_substr("{$loss['count']} × {$loss['label']} {$why}", 0, 1000),
                'happened_at' => now(),
                'user_id' => $closes->id,
            ]);
        }
    }

    /**
     * The last word on each animal counts.
     *
     * @return list<array{animal: string, label: string, count: int, by: string, words: string}>
     */
    private static function lost(Move $move, MoveBrief $brief): array
    {
        $said = $move->events()->where('kind', EventKind::Lost)->with('user')->orderBy('at')->orderBy('uuid')->get()->keyBy('of');
        $lost = [];
        foreach ($brief->animals as $animal) {
            $loss = $said->get($animal->id);
            if ($loss instanceof MoveEvent && $loss->value > 0) {
                $lost[] = [
                    'animal' => $animal->id,
                    'label' => $animal->label,
                    'count' => (int) $loss->value,
                    'by' => $loss->user->name ?? 'somebody',
                    'words' => trim((string) $loss->words),
                ];
            }
        }

        return $lost;
    }
}
