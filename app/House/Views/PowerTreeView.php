<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Power\Load;
use Velbrin\Core\Power\PowerTree;

/** What hangs on what: a bar for each circuit, as long as its rating, its plugs strip by strip. */
final readonly class PowerTreeView
{
    /**
     * @param  list<array{number: int, says: string, start: string, full: float, bad: bool, strips: list<array{number: int,
     *     says: string, bad: bool, loads: list<array{row: int, name: string, kind: string, watts: string, share: float}>}>}>  $circuits
     *     shares of the circuit’s rating
     */
    private function __construct(public float $allDay, public array $circuits)
    {
    }

    public static function of(PowerTree $tree, Units $units): self
    {
        $amps = fn (float $a): string => $units->show(Quantity::of($a, Kind::Current));
        [$circuits, $starts, $strips] = [$tree->circuitAmps(), $tree->startAmps(), $tree->stripAmps()];
        $views = [];
        foreach ($tree->circuits as $number => $on) {
            $views[] = [
                'number' => $number,
                'says' => "{$amps($circuits[$number])} of {$amps(PowerTree::ALL_DAY * $tree->circuitA)} all day",
                'start' => "{$amps($starts[$number])} at the start",
                'full' => $circuits[$number] / $tree->circuitA,
                'bad' => $circuits[$number] > PowerTree::ALL_DAY * $tree->circuitA,
                'strips' => array_map(
                    fn (int $strip, array $loads): array => [
                        'number' => $strip,
                        'says' => $amps($strips[$strip]),
                        'bad' => $strips[$strip] > PowerTree::ALL_DAY * $tree->stripA,
                        'loads' => array_map(
                            fn (Load $l): array => [
                                'row' => $l->row,
                                'name' => $l->name,
                                'kind' => $l->kind->value,
                                'watts' => $units->show(Quantity::of($l->watts, Kind::Power)),
                                'share' => $l->watts / $tree->volts / $tree->circuitA,
                            ],
                            $loads,
                        ),
                    ],
                    array_keys($on),
                    $on,
                ),
            ];
        }

        return new self(PowerTree::ALL_DAY, $views);
    }
}
