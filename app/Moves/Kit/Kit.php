<?php

declare(strict_types=1);

namespace App\Moves\Kit;

use App\Moves\Move;
use App\Moves\MoveDocument;
use App\Moves\MoveHeads;
use Illuminate\Support\Collection;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Brief\MoveBrief;
use Velbrin\Core\Moves\Brief\PackingLine;
use Velbrin\Core\Moves\Brief\TakeAlong;
use Velbrin\Core\Moves\Day\KitCount;

/** What is taken along to a move: the usual list, less what the company leaves off, and what it takes besides. */
final readonly class Kit
{
    /**
     * @param  list<PackingLine>  $lines
     * @param  list<array{id: int, what: string}>  $left  of the usual list, left off by the company
     * @param  list<array{id: int, what: string}>  $own  lines of the company
     */
    private function __construct(public array $lines, public array $left, public array $own, public KitCount $count)
    {
    }

    public static function of(Move $move, MoveBrief $brief): self
    {
        $all = OwnLine::query()->orderBy('id')->get()->toBase();
        $ours = $all->reject(fn (OwnLine $o): bool => $o->isArchived());
        $usual = TakeAlong::of($brief);
        $count = KitCount::of(MoveHeads::events($move, $brief->beginsMin));

        return new self(
            lines: [...self::together($usual, $ours), ...self::along($usual, $all, $ours, $count)],
            left: self::left($ours, $usual),
            own: array_values($ours
                ->whereNotNull('what')
                ->map(fn (OwnLine $o): array => ['id' => $o->id, 'what' => (string) $o->what])
                ->all()),
            count: $count,
        );
    }

    /** @return list<PackingLine> what goes along */
    public static function lines(MoveBrief $brief): array
    {
        return self::together(TakeAlong::of($brief), OwnLine::query()->current()->orderBy('id')->get()->toBase());
    }

    /**
     * @param  list<PackingLine>  $usual
     * @param  Collection<int, OwnLine>  $ours
     * @return list<PackingLine>
     */
    private static function together(array $usual, Collection $ours): array
    {
        $dropped = $ours->pluck('drops')->filter()->all();
        $kept = array_filter($usual, fn (PackingLine $l): bool => ! in_array($l->code, $dropped, true));
        $own = array_filter($ours->map(fn (OwnLine $o): ?PackingLine => $o->toLine())->all());

        return [...array_values($kept), ...array_values($own)];
    }

    /**
     * What left the list while it was along is missed all the same.
     *
     * @param  list<PackingLine>  $usual
     * @param  Collection<int, OwnLine>  $all
     * @param  Collection<int, OwnLine>  $ours
     * @return list<PackingLine>
     */
    private static function along(array $usual, Collection $all, Collection $ours, KitCount $count): array
    {
        $listed = array_column(self::together($usual, $ours), 'code');
        $ever = [...$usual, ...array_filter($all->map(fn (OwnLine $o): ?PackingLine => $o->toLine())->all())];

        return array_values(array_filter(
            $ever,
            fn (PackingLine $l): bool => ! in_array($l->code, $listed, true) && $count->missing($l) > 0,
        ));
    }

    /** @return list<string> what went along and is not back, whose it is */
    public static function open(Move $move): array
    {
        try {
            $kit = self::of($move, MoveDocument::read($move));
        } catch (OutOfRange) {
            return [];
        }

        return array_map(
            fn (PackingLine $l): string => ($l->count > 1 ? "{$l->count} × " : '').$l->what
                .($l->owner === null ? '' : " of {$l->owner}").' not back',
            $kit->count->notBack($kit->lines),
        );
    }

    /**
     * @param  Collection<int, OwnLine>  $ours
     * @param  list<PackingLine>  $usual
     * @return list<array{id: int, what: string}>
     */
    private static function left(Collection $ours, array $usual): array
    {
        $words = array_column($usual, 'what', 'code');

        return array_values($ours
            ->filter(fn (OwnLine $o): bool => isset($words[$o->drops ?? '']))
            ->map(fn (OwnLine $o): array => ['id' => $o->id, 'what' => $words[(string) $o->drops]])
            ->all());
    }
}
