<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\HouseRule;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Cabinet\Packing;
use Velbrin\Core\Cabinet\Piece;
use Velbrin\Core\Cabinet\Space;
use Velbrin\Core\Cabinet\Standing;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Does everything stand in the cabinet, and does each thing come out again (B-62)? */
final class InCabinet implements Topic
{
    public function keys(): array
    {
        return ['cabinet'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $packing = self::packing($facts);
        if ($packing === null) {
            return new TopicAnswer([]);
        }
        $pieces = self::pieces($facts);
        $findings = [];
        foreach ($packing->elsewhere as $row => $why) {
            $findings[] = self::elsewhere($pieces[$row], $row, $why, $facts);
        }
        foreach ($packing->clashes() as [$one, $other]) {
            $findings[] = Finding::of(Severity::Fix, 'B-62', 'access', Sentence::of('{one} and {other} stand in each other', ['one' => $pieces[$one]->name, 'other' => $pieces[$other]->name]), Sentence::of('Their places were chosen by hand and overlap.'), Sentence::of('Move one, or let its place be proposed.'), $facts->basis());
        }
        foreach ($packing->after as $row => $rows) {
            $findings[] = Finding::of(Severity::Watch, 'B-62', 'access', Sentence::of('{name} comes out only after {first}', ['name' => $pieces[$row]->name, 'first' => implode(' and ', array_map(fn (int $r): string => $pieces[$r]->name, $rows))]), Sentence::of('No place was found where each comes out alone.'), Sentence::of('A wider opening, a lower neighbour, or one thing elsewhere.'), $facts->basis());
        }
        $stand = count($packing->standing);
        $shut = count($packing->shutIn);
        if ($shut > 0) {
            $findings[] = Finding::of(Severity::Stop, 'B-62', 'access', Sentence::of('It fits, but does not come out: {names}', ['names' => implode(', ', array_map(fn (int $r): string => $pieces[$r]->name, $packing->shutIn))]), Sentence::of('Its way out is closed even in an empty cabinet: a repair would mean taking the tank down.'), Sentence::of('A larger opening, or another device.'), $facts->basis());
        }
        if ($packing->isClean()) {
            $findings[] = Finding::of(Severity::Fine, 'B-62', 'access', Sentence::of('Everything stands in the cabinet, and each thing comes out alone'), Sentence::of('The places are a proposal; cables, hoses and an arm need room besides.'), null, $facts->basis());
        }
        $words = $packing->isClean() ? 'all of it, each comes out alone' : "{$stand} of ".count($pieces).' find a place';

        return new TopicAnswer([Figure::words('cabinet', $words, null, $facts->basis())], $findings, $packing);
    }

    /**
     * Null while nothing besides the sump is to stand there.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function packing(Facts $facts): ?Packing
    {
        if ($facts->brief->gear === [] && ! self::reserves($facts)) {
            return null;
        }
        $facts->need(F::CabinetLengthMm, F::CabinetDepthMm, F::StandInsideMm, F::DoorWidthMm, F::DoorHeightMm);

        return Packing::of(self::space($facts), self::pieces($facts), self::pinned($facts));
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    private static function space(Facts $facts): Space
    {
        return Space::of($facts->number(F::CabinetLengthMm), $facts->number(F::CabinetDepthMm), $facts->number(F::StandInsideMm), $facts->number(F::DoorWidthMm), $facts->number(F::DoorHeightMm), $facts->knows(F::DoorFromLeftMm) ? $facts->numberOrNone(F::DoorFromLeftMm) : null);
    }

    /**
     * The sump, if there is one, what the planner listed, and what a later phase will bring.
     *
     * @return list<Piece>
     *
     * @throws Missing
     */
    public static function pieces(Facts $facts): array
    {
        $pieces = [];
        if ($facts->knows(F::SumpLengthMm) && $facts->knows(F::SumpWidthMm) && $facts->knows(F::SumpHeightMm)) {
            $pieces[] = new Piece('Sump', $facts->number(F::SumpLengthMm), $facts->number(F::SumpWidthMm), $facts->number(F::SumpHeightMm));
        }
        foreach ($facts->brief->gear as $i => $piece) {
            $pieces[] = $piece->name === '' ? $piece->named('Thing '.($i + 1)) : $piece;
        }
        // A later phase's thing keeps its place from the first day (B-86).
        foreach ($facts->brief->rows('phases') as $row) {
            [$wide, $deep, $high] = [$row->numberOr('widthMm'), $row->numberOr('depthMm'), $row->numberOr('heightMm')];
            if ($row->number('phase') > 1 && $wide !== null && $deep !== null && $high !== null) {
                $pieces[] = new Piece("reserved: {$row->called('purchase')}", $wide, $deep, $high);
            }
        }

        return $pieces;
    }

    /** Whether a later phase keeps a place. */
    private static function reserves(Facts $facts): bool
    {
        return array_filter(self::pieces($facts), fn (Piece $p): bool => str_starts_with($p->name, 'reserved: ')) !== [];
    }

    /**
     * Places chosen by hand, both ways given.
     *
     * @return array<int, Standing> by row of the pieces
     *
     * @throws Missing
     * @throws OutOfRange when one stands through a wall
     */
    private static function pinned(Facts $facts): array
    {
        $space = self::space($facts);
        $pieces = self::pieces($facts);
        $rows = [];
        foreach ($facts->brief->rows('gear') as $row) {
            $rows[$row->row] = $row;
        }
        $pinned = [];
        foreach ($pieces as $number => $piece) {
            $row = $rows[$piece->listed ?? -1] ?? null;
            if ($row === null) {
                continue;
            }
            [$x, $y] = [$row->numberOr('xMm'), $row->numberOr('yMm')];
            if ($x === null || $y === null) {
                continue;
            }
            $at = new Standing($number, $piece, $x, $y, $row->flag('turned'));
            if ($x + $at->alongMm() > $space->lengthMm) {
                throw OutOfRange::number("gear.{$row->row}.xMm", $x, 'within the cabinet', Quantity::of(0, Kind::Length), Quantity::of(max(0.0, $space->lengthMm - $at->alongMm()), Kind::Length));
            }
            if ($y + $at->deepMm() > $space->depthMm) {
                throw OutOfRange::number("gear.{$row->row}.yMm", $y, 'within the cabinet', Quantity::of(0, Kind::Length), Quantity::of(max(0.0, $space->depthMm - $at->deepMm()), Kind::Length));
            }
            $pinned[$at->row] = $at;
        }

        return $pinned;
    }

    private static function elsewhere(Piece $piece, int $row, string $why, Facts $facts): Finding
    {
        $parts = ['name' => $piece->name, 'needs' => Quantity::of($piece->standingMm(), Kind::Length), 'has' => Quantity::of($facts->number(F::StandInsideMm), Kind::Length), 'usual' => Quantity::of($facts->brief->limit(HouseRule::HeadroomMm), Kind::Length),
            'along' => Quantity::of($piece->widthMm, Kind::Length), 'deep' => Quantity::of($piece->depthMm, Kind::Length), 'high' => Quantity::of($piece->heightMm, Kind::Length)];
        [$because, $remedy] = match ($why) {
            'air' => ['It takes its air from the room; in a closed cabinet it heats itself and what stands there.', 'Beside the tank, or the next room.'],
            'headroom' => ['It takes {needs} with the room for its service; inside are {has}.', $piece->standingMm() <= $facts->brief->limit(HouseRule::HeadroomMm) ? 'The usual {usual} inside would do; or a lower one, or elsewhere.' : 'A cabinet with {needs} inside, a lower one, or elsewhere.'],
            'door' => ['{along} by {deep}, {high} high, does not pass the opening.', 'A larger opening, or elsewhere. It must come out again too.'],
            'floor' => ['{along} by {deep} is larger than the cabinet’s floor.', 'A smaller one, or elsewhere.'],
            default => ['What stands there leaves no floor of {along} by {deep}.', 'A longer cabinet, a smaller sump, or elsewhere.'],
        };

        return Finding::of(Severity::Fix, 'B-62', 'access', Sentence::of('{name} does not go into the cabinet', $parts), Sentence::of($because, $parts), Sentence::of($remedy, $parts), $facts->basis());
    }
}
