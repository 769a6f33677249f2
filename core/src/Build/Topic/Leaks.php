<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\OtherVessels;
use Velbrin\Core\Build\Overflow;
use Velbrin\Core\Build\PlanField as F;
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
        $weir = Overflow::of($facts);
        $facts->need(F::PipesL);
        $net = $display->volume($facts)->netL;
        $topOff = TopOff::lacks($facts) === [] ? TopOff::beforeStopL($facts) : 0.0;
        // The return goes on until its chamber is down to the pump; what it lifts runs out too.
        $upstairs = $net + $sump->usableReturnL() + $topOff;
        // Downstairs everything in the sump goes, and what runs down once the pump draws air: the head over the weir and the pipes.
        $downstairs = $sump->waterL() + $display->vessel->litres($weir->headMm) + OtherVessels::withPipesL($facts) + $topOff;
        $parts = ['up' => Quantity::of($upstairs, Kind::Volume), 'down' => Quantity::of($downstairs, Kind::Volume), 'net' => Quantity::of($net, Kind::Volume), 'usable' => Quantity::of($sump->usableReturnL(), Kind::Volume), 'left' => Quantity::of(max(0.0, $net - $display->vessel->litres($weir->headMm)), Kind::Volume)];
        $findings = [
            Finding::of(Severity::Fine, 'R-47', 'display', Sentence::of('A leak at the display’s bottom loses {up}', $parts), Sentence::of('Its own {net}, and {usable} the return still lifts; the sump stands still, heaters there may fall dry.', $parts), Sentence::of('A leak probe that stops the return and the top-off, and cans for the animals.'), $facts->basis()),
            Finding::of(Severity::Fine, 'R-47', 'sump', Sentence::of('A leak of the sump loses {down}', $parts), Sentence::of('The pump draws air; {left} stay in the display, without heating and without movement from below.', $parts), Sentence::of('Close the drains’ and the return’s valves; a stream pump and an air stone in the display.'), $facts->basis()),
        ];

        return new TopicAnswer([Figure::number('leakL', Quantity::of(max($upstairs, $downstairs), Kind::Volume), Sentence::of('display {up}, sump {down}', $parts), $facts->basis())], $findings);
    }
}
