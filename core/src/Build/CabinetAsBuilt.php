<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Cabinet\Compartments;
use Velbrin\Core\Cabinet\Inside;
use Velbrin\Core\Cabinet\Ledge;
use Velbrin\Core\Cabinet\Piece;
use Velbrin\Core\Cabinet\Rect;
use Velbrin\Core\Cabinet\Space;
use Velbrin\Core\Cabinet\Standing;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use WeakMap;

/** A plan's cabinet with what is built into it, and what is to stand there (B-62, B-98). */
final class CabinetAsBuilt
{
    /** @var WeakMap<PlanBrief, array{Compartments|null}>|null */
    private static ?WeakMap $packed = null;

    private const SIZES = [F::CabinetLengthMm, F::CabinetDepthMm, F::StandInsideMm, F::DoorWidthMm, F::DoorHeightMm];

    /**
     * Null while nothing is to stand there, or only a sump in a cabinet nobody has measured.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function packing(Facts $facts): ?Compartments
    {
        // Packing is a search: one brief is packed once, for the drawing and for the question what comes out.
        self::$packed ??= new WeakMap();
        if (! self::$packed->offsetExists($facts->brief)) {
            self::$packed[$facts->brief] = [self::packed($facts, 0.0)];
        }

        return self::$packed[$facts->brief][0];
    }

    /**
     * The same with every clear size less by what the measuring may be wrong by.
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function tight(Facts $facts, float $toleranceMm): ?Compartments
    {
        return self::packed($facts, $toleranceMm);
    }

    /**
     * The sump, if there is one, what the planner listed, and what a later phase will bring.
     *
     * @return list<Piece>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    public static function pieces(Facts $facts): array
    {
        $outline = self::sump($facts);
        $pieces = [];
        if ($outline !== null) {
            $pieces[] = new Piece(
                name: 'Sump',
                widthMm: $outline->lengthMm,
                depthMm: $outline->widthMm,
                heightMm: $facts->number(F::SumpHeightMm),
                cut: $outline->cut,
                isSump: true,
            );
        }
        $chambers = [];
        foreach ($facts->brief->rows('gear') as $row) {
            $chambers[$row->row] = $row->numberOr('chamber');
        }
        foreach ($facts->brief->gear as $i => $piece) {
            $named = $piece->name === '' ? $piece->named('Thing '.($i + 1)) : $piece;
            $chamber = $chambers[$piece->listed ?? -1] ?? null;
            $pieces[] = $chamber === null ? $named : $named->into(self::inside($facts, $outline, (int) $chamber, $piece));
        }
        // A later phase's thing keeps its place from the first day (B-86).
        foreach ($facts->brief->rows('phases') as $row) {
            [$wide, $deep, $high] = [$row->numberOr('widthMm'), $row->numberOr('depthMm'), $row->numberOr('heightMm')];
            if ($row->number('phase') > 1 && $wide !== null && $deep !== null && $high !== null) {
                $pieces[] = new Piece("reserved: {$row->called('purchase')}", $wide, $deep, $high, isReserved: true);
            }
        }

        return $pieces;
    }

    /** @throws Missing */
    private static function sump(Facts $facts): ?SumpOutline
    {
        $sizes = [F::SumpLengthMm, F::SumpWidthMm, F::SumpHeightMm];
        if ($facts->brief->hasAny(...$sizes)) {
            $facts->without(...$sizes);
        }
        foreach ($sizes as $size) {
            if (Storeys::isBelow($facts) || ! $facts->knows($size)) {
                return null;
            }
        }

        return SumpOutline::of($facts);
    }

    /**
     * @throws Missing while the sump has no sizes, or chambers before that one have no length
     * @throws OutOfRange on a chamber the sump does not have
     */
    private static function inside(Facts $facts, ?SumpOutline $outline, int $number, Piece $piece): Inside
    {
        if ($outline === null) {
            throw Missing::fields([F::SumpLengthMm->value, F::SumpWidthMm->value, F::SumpHeightMm->value]);
        }
        $chambers = $facts->brief->chambers;
        if ($number > max(1, count($chambers))) {
            throw OutOfRange::number(
                "gear.{$piece->listed}.chamber",
                (float) $number,
                Phrase::AChamberOfTheSump,
                least: Quantity::of(1, Kind::Count),
                most: Quantity::of(max(1, count($chambers)), Kind::Count),
            );
        }
        $from = 0.0;
        $baffle = $facts->number(F::BaffleMm);
        foreach (array_slice($chambers, 0, $number - 1) as $before) {
            $from += ($before->lengthMm ?? throw Missing::fields(['chambers'])) + $baffle;
        }
        $isLast = $number >= count($chambers);
        $to = $isLast
            ? $outline->insideLengthMm()
            : $from + ($chambers[$number - 1]->lengthMm ?? throw Missing::fields(['chambers']));

        return new Inside($outline->patches($from, max($from, $to)), $facts->number(F::SumpFloorMm));
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    private static function packed(Facts $facts, float $toleranceMm): ?Compartments
    {
        if (! self::isAsked($facts)) {
            return null;
        }
        $facts->need(...self::SIZES);
        self::whole($facts);
        $pieces = self::pieces($facts);
        $spaces = self::spaces($facts);
        self::shelved($facts, $pieces);
        foreach ($pieces as $piece) {
            if ($piece->compartment > count($spaces)) {
                throw OutOfRange::number(
                    "gear.{$piece->listed}.in",
                    (float) $piece->compartment,
                    Phrase::TheNumberOfACompartmentThere,
                    least: Quantity::of(1, Kind::Count),
                    most: Quantity::of(count($spaces), Kind::Count),
                );
            }
        }
        $pinned = self::pinned($facts, $pieces, $spaces);
        $spaces = array_map(fn (array $s): array => [$s[0], $toleranceMm > 0 ? $s[1]->less($toleranceMm) : $s[1]], $spaces);

        return Compartments::of($spaces, $pieces, $pinned);
    }

    /**
     * A row that was set aside may be what stands in the way: until it is put right nothing is said of the rest.
     *
     * @throws Missing
     */
    private static function whole(Facts $facts): void
    {
        foreach ($facts->brief->errors as $error) {
            $table = explode('.', $error->field)[0];
            if (in_array($table, ['ledges', 'gear', 'compartments'], true)) {
                throw Missing::fields([$table]);
            }
        }
    }

    private static function isAsked(Facts $facts): bool
    {
        if ($facts->brief->gear !== [] || $facts->brief->rows('ledges') !== [] || self::reserves($facts)) {
            return true;
        }
        foreach ([F::SumpLengthMm, F::SumpWidthMm, F::SumpHeightMm, ...self::SIZES] as $size) {
            if (! $facts->brief->has($size)) {
                return false;
            }
        }

        return ! Storeys::isBelow($facts);
    }

    /** Whether a later phase keeps a place. */
    private static function reserves(Facts $facts): bool
    {
        foreach ($facts->brief->rows('phases') as $row) {
            $sizes = [$row->numberOr('widthMm'), $row->numberOr('depthMm'), $row->numberOr('heightMm')];
            if ($row->number('phase') > 1 && ! in_array(null, $sizes, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The one with the sump, then the others, each with its frames and shelves.
     *
     * @return non-empty-list<array{0: string, 1: Space}>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private static function spaces(Facts $facts): array
    {
        $spaces = [['with the sump', self::space($facts)]];
        foreach ($facts->brief->rows('compartments') as $row) {
            try {
                $spaces[] = [
                    $row->called('compartment'),
                    Space::of(
                        $row->number('lengthMm'),
                        $row->number('depthMm'),
                        $row->number('heightMm'),
                        $row->number('doorWidthMm'),
                        $row->number('doorHeightMm'),
                    ),
                ];
            } catch (OutOfRange $e) {
                throw $e->as("compartments.{$row->row}.{$e->field}");
            }
        }
        $ledges = self::ledges($facts, $spaces);

        return array_map(fn (array $s, int $i): array => [$s[0], $s[1]->with($ledges[$i] ?? [])], $spaces, array_keys($spaces));
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    private static function space(Facts $facts): Space
    {
        return Space::of(
            $facts->number(F::CabinetLengthMm),
            $facts->number(F::CabinetDepthMm),
            $facts->number(F::StandInsideMm),
            $facts->number(F::DoorWidthMm),
            $facts->number(F::DoorHeightMm),
            $facts->knows(F::DoorFromLeftMm) ? $facts->numberOrNone(F::DoorFromLeftMm) : null,
        );
    }

    /**
     * @param  non-empty-list<array{0: string, 1: Space}>  $spaces
     * @return array<int, list<Ledge>> by compartment, from 0
     *
     * @throws OutOfRange on one in a compartment that is not there, or above its inside
     */
    private static function ledges(Facts $facts, array $spaces): array
    {
        $ledges = [];
        foreach ($facts->brief->rows('ledges') as $row) {
            $in = (int) ($row->numberOr('in') ?? 1.0);
            $space = $spaces[$in - 1][1] ?? throw OutOfRange::number(
                "ledges.{$row->row}.in",
                (float) $in,
                Phrase::TheNumberOfACompartmentThere,
                least: Quantity::of(1, Kind::Count),
                most: Quantity::of(count($spaces), Kind::Count),
            );
            self::within("ledges.{$row->row}.bottomMm", $row->number('bottomMm'), $space->heightMm);
            $left = self::within("ledges.{$row->row}.xMm", $row->numberOr('xMm') ?? 0.0, $space->lengthMm);
            $back = self::within("ledges.{$row->row}.yMm", $row->numberOr('yMm') ?? 0.0, $space->depthMm);
            $long = $row->numberOr('lengthMm') ?? $space->lengthMm - $left;
            $deep = $row->numberOr('depthMm') ?? $space->depthMm - $back;
            $ledges[$in - 1][] = new Ledge(
                name: $row->called($row->word('kind')),
                patch: new Rect($left, $back, min($left + $long, $space->lengthMm), min($back + $deep, $space->depthMm)),
                bottomMm: $row->number('bottomMm'),
                thickMm: $row->number('thickMm'),
                isShelf: $row->word('kind') === 'shelf',
                bearsKg: $row->numberOr('bearsKg'),
                listed: $row->row,
                id: $row->id,
            );
        }

        return $ledges;
    }

    /**
     * @param  list<Piece>  $pieces
     *
     * @throws OutOfRange on a thing that belongs on a row that is no shelf
     */
    private static function shelved(Facts $facts, array $pieces): void
    {
        $shelves = [];
        foreach ($facts->brief->rows('ledges') as $row) {
            if ($row->word('kind') === 'shelf') {
                $shelves[] = $row->row;
            }
        }
        foreach ($pieces as $piece) {
            if ($piece->shelf !== null && ! in_array($piece->shelf, $shelves, true)) {
                throw OutOfRange::field("gear.{$piece->listed}.shelf", Phrase::ThatRowIsNoShelf, Phrase::ARowThatIsAShelf);
            }
        }
    }

    /**
     * Places chosen by hand, both ways given.
     *
     * @param  list<Piece>  $pieces
     * @param  non-empty-list<array{0: string, 1: Space}>  $spaces
     * @return array<int, Standing> by row of the pieces
     *
     * @throws OutOfRange when one stands through a wall, or has a place of its own within the sump
     */
    private static function pinned(Facts $facts, array $pieces, array $spaces): array
    {
        $rows = [];
        foreach ($facts->brief->rows('gear') as $row) {
            $rows[$row->row] = $row;
        }
        $pinned = [];
        foreach ($pieces as $number => $piece) {
            $row = $rows[$piece->listed ?? -1] ?? null;
            [$x, $y] = [$row?->numberOr('xMm'), $row?->numberOr('yMm')];
            if ($row === null || $x === null || $y === null) {
                continue;
            }
            if ($piece->inSump !== null) {
                throw OutOfRange::field(
                    "gear.{$row->row}.xMm",
                    Phrase::InTheSumpItsChamberPlacesIt,
                    Phrase::EmptyWhileItIsInTheSump,
                );
            }
            $space = $spaces[($piece->compartment ?? 1) - 1][1];
            $at = new Standing($number, $piece, $x, $y, $row->flag('turned'), self::shelfTopMm($piece, $space));
            self::within("gear.{$row->row}.xMm", $x, $space->lengthMm - $at->alongMm());
            self::within("gear.{$row->row}.yMm", $y, $space->depthMm - $at->deepMm());
            $pinned[$number] = $at;
        }

        return $pinned;
    }

    private static function shelfTopMm(Piece $piece, Space $space): float
    {
        foreach ($space->shelves() as $shelf) {
            if ($shelf->listed === $piece->shelf) {
                return $shelf->topMm();
            }
        }

        return 0.0;
    }

    /** @throws OutOfRange */
    private static function within(string $field, float $mm, float $most): float
    {
        return $mm <= $most
            ? $mm
            : throw OutOfRange::number(
                $field,
                $mm,
                Phrase::WithinTheCabinet,
                least: Quantity::of(0, Kind::Length),
                most: Quantity::of(max(0.0, $most), Kind::Length),
            );
    }
}
