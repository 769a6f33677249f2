<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Moves\Gang;

/** What is taken along to a move (M-9), counted from what is planned. */
final class TakeAlong
{
    /** Below it suction lifters do not hold (M-27), °C. */
    private const LIFTERS_C = 5.0;

    private const BUCKETS = 3;

    /** @return list<array{what: string, count: int|null, why: string}> */
    public static function of(MoveBrief $brief): array
    {
        $boxes = count($brief->boxes);
        $aired = count(array_filter($brief->boxes, fn (Box $b): bool => $b->airLMin > 0));
        $animals = array_sum(array_map(fn (Animal $a): int => $a->count, $brief->animals));
        $unions = array_sum(array_map(fn (Piece $p): int => $p->unions, $brief->pieces));
        $list = [
            self::line('boxes with lids and labels', $boxes, 'one for each of the plan'),
            self::line('one box more, empty, with a lid', 1, 'for whoever was overlooked'),
            self::line('air pumps, with lines and stones', $aired, 'and one more'),
            self::line('spare batteries, charged', $aired, 'cold takes a third of them'),
            self::line('nets, two sizes; a dark tub', null, "{$animals} animals"),
            self::line('buckets', self::BUCKETS, 'marked: clean, dirty, freshwater'),
            self::line('pump, hose, clamps, timed bucket', null, 'the rate is read again on the day'),
            self::line('spare seals and plugs for bulkheads', max(2, $unions), 'one for each union'),
            self::line('spare heater, thermometer, refractometer, test kits', null, 'boxes are read by thermometer'),
            self::line('salt and RO water in reserve', null, 'for what is spilt'),
            self::line('towels, floor protection, blankets, straps', null, 'the old place is left dry'),
            self::line('extension lead with its own residual-current device', 1, 'hung up dry'),
            self::line('gloves for all, goggles, first aid', count($brief->people), 'glass, and what stings'),
        ];
        $isWarm = $brief->way->outdoorC !== null && $brief->way->outdoorC >= self::LIFTERS_C;
        $list[] = $isWarm
            ? self::line('suction lifters', 2, 'flat, dry glass only, never the only hold')
            : self::line('carrying straps, no suction lifters', null, 'in the cold they let go');
        if (array_filter($brief->animals, fn (Animal $a): bool => $a->isToxic) !== []) {
            $list[] = self::line('goggles and long gloves for zoanthids, bags to throw away', null, 'palytoxin');
        }
        $limits = array_map(fn (Mover $m): float => $m->limitKg, $brief->people);
        foreach ($brief->pieces as $piece) {
            if ($piece->kg !== null && $limits !== [] && Gang::of($piece->kg, $brief->way->hasStairs(), $limits) === null) {
                $list[] = self::line("an aid that carries {$piece->label}", 1, 'more than three of those who come may lift');
            }
        }

        return $list;
    }

    /** @return array{what: string, count: int|null, why: string} */
    private static function line(string $what, ?int $count, string $why): array
    {
        return ['what' => $what, 'count' => $count, 'why' => $why];
    }
}
