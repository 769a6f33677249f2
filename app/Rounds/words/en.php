<?php

declare(strict_types=1);

/** English, by code: ICU messages whose parts keep their names in every language. */
return [
    'above-the-running-level-the-sump' => 'Above the running level the sump may take {back}; a power cut needs the rest.',
    'at-take-each-way' => '{litres} at {flow} take {minutes} each way.',
    'from-the-sump-alone' => 'From the sump alone, everything running: it gives {out}.',
    'from-the-sump-alone-it-gives' => 'From the sump alone it gives {out} at once: {n} portions, each filled up again before the next.',
    'goes-from-to-with-this-mix' => '{what} goes from {a} to {b} with this mix: more than {most} in a day. Change in two portions, a day apart.',
    'goes-from-to-with-this-mix2' => '{what} goes from {a} to {b} with this mix.',
    'if-the-sumps-part-went-out' => 'If the sump’s part went out first, nothing is left in the chamber: then {all}, or the pump off until the display runs over.',
    'new-water-from' => 'New water from {a} to {b}, salinity {c} to {d}: one change may move the tank by {e} and {f}.',
    'refilling-with-the-return' => 'Refilling with the return on: the chamber holds; over the weir after {m}, then shut the valve within {s}.',
    'refilling-with-the-return-on-runs' => 'Refilling with the return on runs the chamber dry: refill at {r} or more, or set the pump to {p}.',
    'the-sump-gives-nothing' => 'From the sump alone: not possible, it stands at the pumps’ lowest level.',
];
