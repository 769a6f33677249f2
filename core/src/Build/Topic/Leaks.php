<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** Each joined vessel leaking at its bottom: what the whole system loses, and what stands still (R-47). */
final class Leaks implements Topic
{
    public function keys(): array
    {
        return ['leakL'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $display = DisplayTank::of($facts);
        $sump = SumpWater::of($facts);
        $net = $display->volume($facts)->netL;
        $down = PowerCutRoom::downL($facts);
        $topOff = TopOff::lacks($facts) === [] ? TopOff::beforeStopL($facts) : 0.0;
        // The return goes on until its chamber is down to the pump; what it lifts runs out too.
        $upstairs = $net + $sump->liftsL() + $topOff;
        // Downstairs everything in the sump goes; then the return stops and the line siphons back, as in a power cut (B-96).
        $downstairs = $sump->waterL() + $down + $topOff;
        $parts = array_map(fn (float $litres): Quantity => Quantity::of($litres, Kind::Volume), [
            'up' => $upstairs,
            'down' => $downstairs,
            'net' => $net,
            'lifts' => $sump->liftsL(),
            'siphons' => $down,
            'left' => max(0.0, $net - $down),
        ]);
        $findings = [
            Finding::of(
                Severity::Watch,
                'R-47',
                'display',
                Sentence::of('A leak at the display’s bottom loses {up}', $parts),
                Sentence::of(
                    'Its own {net}, and {lifts} the return still lifts; the sump stands still, heaters there may fall dry.',
                    $parts,
                ),
                Sentence::of('A leak probe that stops the return and the top-off, and cans for the animals.'),
                $facts->basis(),
            ),
            Finding::of(
                Severity::Watch,
                'R-47',
                'sump',
                Sentence::of('A leak of the sump loses {down}', $parts),
                Sentence::of(
                    'The pump draws air and {siphons} come down after it; {left} stay in the display, without heating and '.
                    'movement from below.',
                    $parts,
                ),
                Sentence::of(
                    'Close the drains’ and the return’s valves; a stream pump and an air stone in the display.',
                ),
                $facts->basis(),
            ),
        ];
        $note = Sentence::of('display {up}, sump {down}', $parts);

        return new TopicAnswer(
            [Figure::number('leakL', Quantity::of(max($upstairs, $downstairs), Kind::Volume), $note, $facts->basis())],
            $findings,
        );
    }
}
