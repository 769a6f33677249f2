<?php

declare(strict_types=1);

namespace Velbrin\Core\Cabinet;

/**
 * The sump is placed first, and with it what stands in it (B-98): a place is better the more of its devices stand and lift out over its
 * rim, whatever is built in above.
 */
final class InTheSump
{
    /** Places of the sump that are tried with the rest. */
    private const PLACES = 3;

    /** Corners looked at for the sump and each of its devices. */
    private const TRIES = 400;

    /**
     * @param  array<int, Piece>  $devices  by row
     * @param  list<Standing>  $fixed
     * @return list<list<Standing>> the sump with its devices, the best first; empty when it stands nowhere
     */
    public static function places(int $row, Piece $sump, array $devices, array $fixed, Space $space): array
    {
        uasort($devices, fn (Piece $a, Piece $b): int => $b->areaMm2() <=> $a->areaMm2());
        $found = [];
        $tries = self::TRIES;
        foreach (Level::of($sump, $space)[0]->places($row, $sump, $fixed, $space, $tries) as $place) {
            $standing = self::filled($place, $devices, $fixed, $space);
            $all = [...$fixed, ...$standing];
            $out = count(array_filter($standing, fn (Standing $s): bool => WayOut::free($s, $all, $space) !== null));
            $found[] = [count($standing), $out, $standing];
        }
        // A stable sort: of equals the one nearest to the back, then to the left, stays first.
        usort($found, fn (array $a, array $b): int => [$b[0], $b[1]] <=> [$a[0], $a[1]]);

        return array_slice(array_column($found, 2), 0, self::PLACES);
    }

    /**
     * @param  array<int, Piece>  $devices
     * @param  list<Standing>  $fixed
     * @return non-empty-list<Standing>
     */
    private static function filled(Standing $sump, array $devices, array $fixed, Space $space): array
    {
        $standing = [$sump];
        foreach ($devices as $row => $device) {
            $all = [...$fixed, ...$standing];
            $place = self::place($row, $device, $sump, $all, $space);
            if ($place !== null) {
                $standing[] = $place;
            }
        }

        return $standing;
    }

    /** @param  list<Standing>  $all */
    private static function place(int $row, Piece $device, Standing $sump, array $all, Space $space): ?Standing
    {
        $first = null;
        $tries = self::TRIES;
        foreach ($device->inSump === null ? [] : Level::inside($sump, $device->inSump) as $level) {
            foreach ($level->places($row, $device, $all, $space, $tries) as $place) {
                if (WayOut::free($place, $all, $space) !== null) {
                    return $place;
                }
                $first ??= $place;
            }
        }

        return $first;
    }
}
