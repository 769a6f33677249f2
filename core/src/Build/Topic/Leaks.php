<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
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
                Sentence::of(Phrase::ALeakAtTheDisplaysBottom, $parts),
                Sentence::of(
                    Phrase::ItsOwnAndTheReturnStill,
                    $parts,
                ),
                Sentence::of(Phrase::ALeakProbeThatStops),
                $facts->basis(),
            ),
            Finding::of(
                Severity::Watch,
                'R-47',
                'sump',
                Sentence::of(Phrase::ALeakOfTheSumpLoses, $parts),
                Sentence::of(
                    Phrase::ThePumpDrawsAirAndCome,
                    $parts,
                ),
                Sentence::of(
                    Phrase::CloseTheDrainsAndTheReturns,
                ),
                $facts->basis(),
            ),
        ];
        $note = Sentence::of(Phrase::DisplaySump, $parts);

        return new TopicAnswer(
            [Figure::number('leakL', Quantity::of(max($upstairs, $downstairs), Kind::Volume), $note, $facts->basis())],
            $findings,
        );
    }
}
