<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Phrase;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Water\Batch;
use Velbrin\Core\Water\Mix;
use Velbrin\Core\Water\Need;
use Velbrin\Core\Water\Station;
use Velbrin\Core\Water\WaterDay;

final class WaterDayQuestion implements Question
{
    public function line(): string
    {
        return 'A station’s water back from the departures: RO run, batches, what is late and what would help (W-54)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('roRatedLd', 'L a day at 25 °C', above: 0),
            Field::number('feedC', 'feed water, °C', 1, 35),
            Field::number('roStoredL', 'RO water standing', 0),
            Field::number('roTankL', 'RO tank', above: 0),
            Field::numbers('vesselsL', 'mixing vessels, at least one'),
            Field::number('heatW', 'W', 0),
            Field::number('targetC', '°C', 5, 35),
            Field::number('efficiency', 'of the heater', most: 1, above: 0, default: 0.9),
            Field::number('reserveSaltL', 'mixed water that stays', 0, default: 0),
            Field::number('reserveRoL', 'RO water that stays', 0, default: 0),
            Field::rows(
                'mixes',
                'salt mixes',
                Input::of(
                    Field::text('key', 'name'),
                    Field::number('gramsPerL', 'at 35 g/kg', above: 0),
                    Field::number('usableFromH', 'hours after mixing', 0),
                    Field::number('usableUntilH', 'hours after mixing', 0),
                ),
            ),
            Field::rows(
                'needs',
                'water to be on a van',
                Input::of(
                    Field::text('key', 'for whom'),
                    Field::number('litres', 'L', 0),
                    Field::text('mix', 'key of the mix, empty for plain RO water', ''),
                    Field::number('salinity', 'g/kg', 0, 45, default: 35),
                    Field::number('departH', 'hours from now'),
                ),
            ),
        );
    }

    public function output(): array
    {
        return [
            Field::any(
                'batches',
                'in order: mix, salinity, litres, saltKg, vessel, fillAtH, mixAtH, testAtH, readyAtH, loadAtH, for',
                ['type' => 'array'],
            ),
            Field::number('saltKg', 'altogether'),
            Field::number('roL', 'RO water to make'),
            Field::number('flushAtH', 'the run begins')->orNull(),
            Field::number('roFromH', 'collecting begins')->orNull(),
            Field::number('roToH', 'collecting ends')->orNull(),
            Field::any('lateH', 'hours by need that is late', ['type' => 'object']),
            ...PlainFinding::fields(),
        ];
    }

    public function answer(Given $given): array
    {
        $vessels = $given->numbers('vesselsL');
        if ($vessels === []) {
            throw OutOfRange::field('vesselsL', Phrase::VesselsLMustHoldAtLeast, Phrase::AtLeastOne);
        }
        $mixes = [];
        foreach ($given->rows('mixes') as $row) {
            $mixes[$row->text('key')] = new Mix(
                $row->text('key'),
                $row->text('key'),
                $row->number('gramsPerL'),
                $row->number('usableFromH'),
                $row->number('usableUntilH'),
            );
        }
        $day = WaterDay::of(
            Station::of(
                roRatedLd: $given->number('roRatedLd'),
                feedC: $given->number('feedC'),
                roStoredL: $given->number('roStoredL'),
                roTankL: $given->number('roTankL'),
                vesselsL: $vessels,
                heatW: $given->number('heatW'),
                targetC: $given->number('targetC'),
                efficiency: $given->number('efficiency'),
            ),
            $mixes,
            array_map(
                fn (Given $n): Need => new Need(
                    $n->text('key'),
                    $n->text('key'),
                    $n->number('litres'),
                    $n->text('mix') === '' ? null : $n->text('mix'),
                    $n->number('salinity'),
                    $n->number('departH'),
                ),
                $given->rows('needs'),
            ),
            [],
            $given->number('reserveSaltL'),
            $given->number('reserveRoL'),
        );

        return [
            'batches' => array_map(
                fn (Batch $b): array => [
                    'mix' => $b->mix->key,
                    'salinity' => $b->salinity,
                    'litres' => $b->litres,
                    'saltKg' => $b->saltKg,
                    'vessel' => $b->vessel,
                    'fillAtH' => $b->fillAtH,
                    'mixAtH' => $b->mixAtH,
                    'testAtH' => $b->testAtH,
                    'readyAtH' => $b->readyAtH,
                    'loadAtH' => $b->loadAtH,
                    'for' => $b->for,
                ],
                $day->batches,
            ),
            'saltKg' => $day->saltKg,
            'roL' => $day->roL,
            'flushAtH' => $day->flushAtH,
            'roFromH' => $day->roFromH,
            'roToH' => $day->roToH,
            'lateH' => (object) $day->lateH,
            ...PlainFinding::judged($day->findings),
        ];
    }
}
