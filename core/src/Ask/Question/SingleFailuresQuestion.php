<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Community;
use Velbrin\Core\Risk\Fault\Waterside;
use Velbrin\Core\Risk\Layer\Hangs;
use Velbrin\Core\Risk\Layer\Part;
use Velbrin\Core\Risk\Single\CriticalFunction;
use Velbrin\Core\Risk\Single\Event;
use Velbrin\Core\Risk\Single\Loss;
use Velbrin\Core\Risk\Single\SingleFailures;
use Velbrin\Core\Risk\Standing\Device;
use Velbrin\Core\Risk\Standing\Standing;
use Velbrin\Core\Risk\Tonight;

final class SingleFailuresQuestion implements Question
{
    public function line(): string
    {
        return 'Each device and each shared cause taken away in turn on the worst day: what goes, how soon it harms (X-21, X-22, R-46)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::number('volumeL', 'L', above: 0),
            Field::number('uaWK', 'W/K', 0),
            Field::number('surfaceM2', 'open surface', above: 0),
            Field::number('setpointC', '°C', 5, 35),
            Field::number('coldRoomC', 'coldest night', -20, 45),
            Field::number('hotRoomC', 'hottest day', -20, 50),
            Field::number('lowC', 'harm below', default: 18),
            Field::number('highC', 'harm above', default: 30),
            Field::number('fishKg', 'kg', 0, default: 0),
            Field::rows('items', 'what stands there', Input::of(
                Field::text('id', 'its name'),
                Field::choice('job', 'what it is for', array_map(fn (Job $j): string => $j->value, Job::cases())),
                Field::number('watts', 'W', 0, default: 0),
                Field::number('ageYears', 'absent: nobody knows', 0, 100)->optional(),
                Field::text('switch', 'what switches it, with others')->optional(),
                Field::rows('on', 'what it hangs on', Input::of(
                    Field::choice('part', 'kind', array_map(fn (Part $p): string => $p->value, Part::cases())),
                    Field::text('name', 'which; absent: nobody wrote it down')->optional(),
                ), required: false),
            )),
        );
    }

    public function output(): array
    {
        return [
            Field::any(
                'losses',
                'id, mode, devices, functions, harmH and by what (null: none), floorL, events, needs; the soonest first',
                ['type' => 'array'],
            ),
        ];
    }

    public function answer(Given $given): array
    {
        $devices = array_map($this->device(...), $given->rows('items'));
        $standing = new Standing(devices: $devices);
        $losses = SingleFailures::of(
            $standing,
            $this->tank($given, 'coldRoomC', $devices),
            $this->tank($given, 'hotRoomC', $devices),
        );

        return ['losses' => array_map($this->plain(...), $losses)];
    }

    private function device(Given $row): Device
    {
        $hangs = Hangs::onNothing();
        foreach ($row->rows('on') as $on) {
            $hangs = $hangs->on(Part::from($on->text('part')), $on->textOrNull('name'));
        }

        return new Device(
            id: $row->text('id'),
            name: $row->text('id'),
            job: Job::from($row->text('job')),
            watts: $row->number('watts'),
            ageYears: $row->numberOrNull('ageYears'),
            hangs: $hangs,
            group: $row->textOrNull('switch'),
        );
    }

    /** @param  list<Device>  $devices */
    private function tank(Given $given, string $room, array $devices): Tonight
    {
        $heaters = array_filter($devices, fn (Device $d): bool => $d->job === Job::Heater);
        $lamps = array_filter($devices, fn (Device $d): bool => $d->job === Job::Light);

        return new Tonight(
            heat: TankHeat::bare($given->number('volumeL'), $given->number('uaWK'), $given->number('uaWK'), 0.0),
            volumeL: $given->number('volumeL'),
            surfaceM2: $given->number('surfaceM2'),
            footprintM2: $given->number('surfaceM2'),
            lid: false,
            setpointC: $given->number('setpointC'),
            salinity: 35,
            heaters: array_values(
                array_map(fn (Device $d): Heater => new Heater($d->name, $d->watts ?? 0.0, $d->group ?? $d->id), $heaters),
            ),
            backgroundW: 0.0,
            roomC: $given->number($room),
            lowC: $given->number('lowC'),
            highC: $given->number('highC'),
            fishKg: $given->number('fishKg'),
            community: Community::Mixed,
            waterside: new Waterside(hasLamp: $lamps !== []),
        );
    }

    /** @return array<string, mixed> */
    private function plain(Loss $loss): array
    {
        return [
            'id' => $loss->id,
            'mode' => $loss->mode->value,
            'devices' => $loss->devices,
            'functions' => array_map(fn (CriticalFunction $f): string => $f->value, $loss->functions),
            'harmH' => $loss->harm?->hours,
            'by' => $loss->harm?->hours === null ? null : $loss->harm->by,
            'floorL' => $loss->floorL,
            'events' => array_map(
                fn (Event $e): array => ['code' => $e->code, 'atH' => $e->atH, 'says' => $e->says->in(Units::metric())],
                $loss->events,
            ),
            'needs' => $loss->needs,
        ];
    }
}
