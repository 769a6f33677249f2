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

    /** @return list<PackingLine> */
    public static function of(MoveBrief $brief): array
    {
        $boxes = count($brief->boxes);
        $aired = count(array_filter($brief->boxes, fn (Box $b): bool => $b->airLMin > 0));
        $animals = array_sum(array_map(fn (Animal $a): int => $a->count, $brief->animals));
        $unions = array_sum(array_map(fn (Piece $p): int => $p->unions, $brief->pieces));
        $list = [
            new PackingLine('boxes', 'boxes with lids and labels', $boxes, 'one for each of the plan'),
            new PackingLine('spare-box', 'one box more, empty, with a lid', 1, 'for whoever was overlooked'),
            new PackingLine('air', 'air pumps, with lines and stones', $aired, 'and one more'),
            new PackingLine('batteries', 'spare batteries, charged', $aired, 'cold takes a third of them'),
            new PackingLine('nets', 'nets, two sizes; a dark tub', null, "{$animals} animals"),
            new PackingLine('buckets', 'buckets', self::BUCKETS, 'marked: clean, dirty, freshwater'),
            new PackingLine('hose', 'pump, hose, clamps, timed bucket', null, 'the rate is read again on the day'),
            new PackingLine('seals', 'spare seals and plugs for bulkheads', max(2, $unions), 'one for each union'),
            new PackingLine('tests', 'spare heater, thermometer, refractometer, test kits', null, 'boxes are read by thermometer'),
            new PackingLine('reserve', 'salt and RO water in reserve', null, 'for what is spilt'),
            new PackingLine('towels', 'towels, floor protection, blankets, straps', null, 'the old place is left dry'),
            new PackingLine('lead', 'extension lead with its own residual-current device', 1, 'hung up dry'),
            new PackingLine('gloves', 'gloves for all, goggles, first aid', count($brief->people), 'glass, and what stings'),
        ];
        $isWarm = $brief->way->outdoorC !== null && $brief->way->outdoorC >= self::LIFTERS_C;
        $list[] = $isWarm
            ? new PackingLine('lifters', 'suction lifters', 2, 'flat, dry glass only, never the only hold')
            : new PackingLine('carrying-straps', 'carrying straps, no suction lifters', null, 'in the cold they let go');
        if (array_filter($brief->animals, fn (Animal $a): bool => $a->isToxic) !== []) {
            $list[] = new PackingLine('zoanthids', 'goggles and long gloves for zoanthids, bags to throw away', null, 'palytoxin');
        }
        $limits = array_map(fn (Mover $m): float => $m->limitKg, $brief->people);
        foreach ($brief->pieces as $piece) {
            if ($piece->kg !== null && $limits !== [] && Gang::of($piece->kg, $brief->way->hasStairs(), $limits) === null) {
                $words = "an aid that carries {$piece->label}";
                $list[] = new PackingLine("aid-{$piece->id}", $words, 1, 'more than three of those who come may lift');
            }
        }

        return $list;
    }
}
