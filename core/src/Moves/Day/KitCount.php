<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Day;

use Velbrin\Core\Moves\Brief\PackingLine;

/** What was taken along and what came back of it (M-9, M-17), line by line; what was never said to be packed is not missed. */
final readonly class KitCount
{
    /**
     * @param  array<string, int>  $taken  by line
     * @param  array<string, int>  $back
     */
    private function __construct(public array $taken, public array $back)
    {
    }

    /** @param  list<Event>  $events  in any order; of what is said again the last counts */
    public static function of(array $events): self
    {
        usort($events, fn (Event $a, Event $b): int => [$a->atMin, $a->id] <=> [$b->atMin, $b->id]);
        $said = [EventKind::Taken->value => [], EventKind::Back->value => []];
        foreach ($events as $event) {
            if (in_array($event->kind, [EventKind::Taken, EventKind::Back], true)) {
                $said[$event->kind->value][$event->of ?? ''] = (int) $event->value;
            }
        }

        return new self($said[EventKind::Taken->value], $said[EventKind::Back->value]);
    }

    /** So many of that line went along and are not back. */
    public function missing(PackingLine $line): int
    {
        return max(0, ($this->taken[$line->code] ?? 0) - ($this->back[$line->code] ?? 0));
    }

    /**
     * @param  list<PackingLine>  $lines
     * @return list<PackingLine> with how many of each are missing
     */
    public function notBack(array $lines): array
    {
        $open = array_filter($lines, fn (PackingLine $l): bool => $this->missing($l) > 0);

        return array_values(array_map(
            fn (PackingLine $l): PackingLine => new PackingLine($l->code, $l->what, $this->missing($l), $l->why, $l->owner),
            $open,
        ));
    }
}
