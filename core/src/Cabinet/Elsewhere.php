<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/** Why a thing does not stand in a cabinet. */
enum Elsewhere: string
{
    case Air = 'air';
    case Headroom = 'headroom';
    case Floor = 'floor';
    case Door = 'door';
    /** A frame or a shelf is in its height wherever it might stand. */
    case BuiltIn = 'built in';
    /** Larger than the part of the sump it belongs in, or others fill it. */
    case Sump = 'sump';
    /** The sump it belongs in stands nowhere. */
    case NoSump = 'no sump';
    /** Larger than the shelf it belongs on. */
    case Shelf = 'shelf';
    case NoFloorLeft = 'no floor left';
    /** The compartment it belongs in is not there. */
    case Compartment = 'compartment';

    /** Of that piece, the cabinet empty; null: it may stand there. */
    public static function inEmpty(Piece $piece, Space $space): ?self
    {
        $short = min($piece->widthMm, $piece->depthMm);
        $long = max($piece->widthMm, $piece->depthMm);
        $baseMm = $piece->inSump->floorMm ?? 0.0;

        return match (true) {
            $piece->needsAir => self::Air,
            $baseMm + $piece->standingMm() > $space->heightMm => self::Headroom,
            $short > min($space->lengthMm, $space->depthMm) || $long > max($space->lengthMm, $space->depthMm) => self::Floor,
            $short > $space->doorWidthMm || $piece->heightMm > $space->doorHeightMm => self::Door,
            $piece->inSump !== null && ! self::fitsOne($piece, $piece->inSump->patches) => self::Sump,
            $piece->shelf !== null && ! self::fitsOne($piece, self::shelf($piece->shelf, $space)) => self::Shelf,
            default => null,
        };
    }

    /** @param  list<Rect>  $patches */
    private static function fitsOne(Piece $piece, array $patches): bool
    {
        foreach ($patches as $patch) {
            $fits = $piece->widthMm <= $patch->alongMm() && $piece->depthMm <= $patch->deepMm();
            $fitsTurned = $piece->depthMm <= $patch->alongMm() && $piece->widthMm <= $patch->deepMm();
            if ($fits || $fitsTurned) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Rect> */
    private static function shelf(int $listed, Space $space): array
    {
        $ledges = array_filter($space->ledges, fn (Ledge $l): bool => $l->listed === $listed && $l->isShelf);

        return array_values(array_map(fn (Ledge $l): Rect => $l->patch, $ledges));
    }
}
