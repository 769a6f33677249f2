<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Heat\Evaporation;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Risk\AlarmQuantity;
use Velbrin\Core\Risk\AlarmWay;
use Velbrin\Core\Risk\Called;
use Velbrin\Core\Risk\Community;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\HoursInHand;
use Velbrin\Core\Risk\Place;
use Velbrin\Core\Risk\Tonight;

final class HoursInHandQuestion implements Question
{
    private const MEASURES = ['temperature', 'oxygen', 'power', 'silence'];

    public function line(): string
    {
        return 'Heater stuck on, stuck off, power cut: time to harm, time to help, hours in hand (R-21, R-22, R-25)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('volumeL', 'L', above: 0),
            Field::number('coldUaWK', 'W/K, for losing heat', 0),
            Field::number('hotUaWK', 'W/K, for a heater stuck on', 0),
            Field::number('surfaceM2', 'open surface', above: 0),
            Field::number('footprintM2', 'of the display', above: 0),
            Field::boolean('lid', 'under a lid', false),
            Field::number('setpointC', '°C', 5, 35),
            Field::number('salinity', 'g/kg', 0, 42, default: 35),
            Field::numbers('heatersW', 'W each; none: []'),
            Field::boolean('oneSwitch', 'all of them hang on one switch, probe or controller', false),
            Field::number('backgroundW', 'heat of pumps and lights', 0, default: 0),
            Field::number('roomC', 'room tonight', -10, 45),
            Field::number('humidityPct', 'of the room', 0, 100, default: 50),
            Field::number('lowC', 'harm below', default: 18),
            Field::number('highC', 'harm above', default: 30),
            Field::number('fishKg', '1 g a litre is assumed when absent', 0)->optional(),
            Field::choice('community', 'what else breathes', ['few', 'mixed', 'dense'])->or('mixed'),
            Field::number('batteryH', 'hours a battery moves the surface', 0, default: 0),
            Field::number('hourOfDay', 'at the fault, 0–24', 0, 24, default: 2),
            Field::number(
                'alarmDelayMin',
                'minutes until a tested alarm calls somebody who answers; absent: none',
                0,
            )->optional(),
            Field::boolean('alarmOnItsOwn', 'it lives on in a power cut', false),
            Field::choice(
                'alarmMeasures',
                'power and silence call from the fault on, the others at their limit',
                self::MEASURES,
            )->or('temperature'),
            Field::number(
                'alarmLow',
                'limit it calls at, °C or mg/L; absent: not entered, the hours are the most there can be',
            )->optional(),
            Field::number('alarmHigh', 'the same upwards')->optional(),
            Field::number('travelMin', 'of whoever comes', 0, default: 30),
            Field::boolean('hasKey', 'they get in at any hour', true),
            Field::number('opensInH', 'without a key: hours until the door opens', 0)->optional(),
            Field::number('looksInH', 'hours until somebody looks without an alarm', 0)->optional(),
        );
    }

    public function output(): array
    {
        return [
            Field::any(
                'hazards',
                'by hazard: harmH and by what, noticedH, actsH, inHandH, atMost (an alarm’s limit is not entered), finding',
                ['type' => 'object'],
            ),
            Field::number('worstH', 'fewest hours in hand; null when nothing does harm')->orNull(),
        ];
    }

    public function answer(Given $given): array
    {
        $heat = TankHeat::bare(
            $given->number('volumeL'),
            $given->number('coldUaWK'),
            $given->number('hotUaWK'),
            $given->number('surfaceM2') * ($given->boolean('lid') ? Evaporation::CLOSED_SHARE : 1),
            $given->number('humidityPct'),
        );
        $switch = $given->boolean('oneSwitch') ? 'one' : null;
        $watts = $given->numbers('heatersW');
        $tank = new Tonight(
            heat: $heat,
            volumeL: $given->number('volumeL'),
            surfaceM2: $given->number('surfaceM2'),
            footprintM2: $given->number('footprintM2'),
            lid: $given->boolean('lid'),
            setpointC: $given->number('setpointC'),
            salinity: $given->number('salinity'),
            heaters: array_map(
                fn (float $w, int $i): Heater => new Heater('heater '.($i + 1), $w, $switch ?? "own {$i}"),
                $watts,
                array_keys($watts),
            ),
            backgroundW: $given->number('backgroundW'),
            roomC: $given->number('roomC'),
            lowC: $given->number('lowC'),
            highC: $given->number('highC'),
            fishKg: $given->numberOrNull('fishKg'),
            community: Community::from($given->text('community')),
            batteryH: $given->number('batteryH'),
        );
        $person = new Called('on call', true, 15, $given->number('travelMin'), $given->boolean('hasKey'));
        $delay = $given->numberOrNull('alarmDelayMin');
        $opens = $given->numberOrNull('opensInH');
        $looks = $given->numberOrNull('looksInH');
        $place = new Place(
            $given->number('hourOfDay'),
            $looks === null ? [] : [$looks],
            $opens === null ? [] : [[$opens, 1e6]],
            $person,
        );
        $alarm =
            $delay === null
                ? null
                : new AlarmWay(
                    name: 'alarm',
                    watches: Hazard::cases(),
                    delayMin: $delay,
                    tested: true,
                    onItsOwn: $given->boolean('alarmOnItsOwn'),
                    chain: [$person],
                    quantity: AlarmQuantity::from($given->text('alarmMeasures')),
                    lowLimit: $given->numberOrNull('alarmLow'),
                    highLimit: $given->numberOrNull('alarmHigh'),
                );
        $alarms = $alarm === null ? [] : [$alarm];
        $all = array_map(
            fn (Hazard $h): HoursInHand => HoursInHand::of($h, $tank, $alarms, $place),
            Hazard::ofEverySystem(),
        );
        $hazards = [];
        foreach ($all as $one) {
            $hazards[$one->hazard->value] = [
                'harmH' => $one->harms[0]->hours ?? null,
                'by' => $one->harms[0]->by ?? null,
                'noticedH' => $one->response->noticedH,
                'actsH' => $one->response->actsH,
                'inHandH' => $one->hours,
                'atMost' => $one->isAtMost(),
                'finding' => PlainFinding::of($one->finding),
            ];
        }

        return ['hazards' => $hazards, 'worstH' => HoursInHand::worst(...$all)?->hours];
    }
}
