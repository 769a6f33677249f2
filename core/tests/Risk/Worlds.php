<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Heat\TankHeat;
use Velbrin\Core\Risk\AlarmQuantity;
use Velbrin\Core\Risk\AlarmWay;
use Velbrin\Core\Risk\Called;
use Velbrin\Core\Risk\Fault\Waterside;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Layer\Hangs;
use Velbrin\Core\Risk\Place;
use Velbrin\Core\Risk\Standing\Device;
use Velbrin\Core\Risk\Standing\Moment;
use Velbrin\Core\Risk\Standing\Standing;
use Velbrin\Core\Risk\Tonight;

/** Constructed systems for the tests of risk: 600 L, loses 18 W/K, holds 25 °C. */
final class Worlds
{
    /** @param  list<Heater>  $heaters */
    public static function tank(
        float $roomC,
        array $heaters = [],
        ?Waterside $side = null,
        bool $animals = true,
        bool $batteryPump = true,
    ): Tonight {
        return new Tonight(
            heat: TankHeat::bare(600, 18, 18, 0),
            volumeL: 600,
            surfaceM2: 0.72,
            footprintM2: 0.72,
            lid: false,
            setpointC: 25,
            salinity: 35,
            heaters: $heaters,
            backgroundW: 0,
            roomC: $roomC,
            lowC: 18,
            highC: 30,
            fishKg: 0.5,
            batteryPump: $batteryPump,
            hasAnimals: $animals,
            waterside: $side ?? new Waterside(),
        );
    }

    public static function heater(string $id, float $watts = 150, ?string $switch = null, ?float $age = 1.0, ?Hangs $hangs = null): Device
    {
        return new Device(
            id: $id,
            name: "heater {$id}",
            job: Job::Heater,
            watts: $watts,
            ageYears: $age,
            hangs: $hangs,
            group: $switch ?? $id,
        );
    }

    /** @param  list<Device>  $devices  the heaters among them warm the tank */
    public static function moment(
        float $roomC,
        array $devices,
        ?Waterside $side = null,
        float $share = 1.0,
        ?AlarmWay $alarm = null,
    ): Moment {
        $heaters = [];
        foreach ($devices as $device) {
            if ($device->job === Job::Heater && $device->stands()) {
                $heaters[] = new Heater($device->name, $device->watts ?? 0.0, $device->group, $device->inSump);
            }
        }

        return new Moment($share, self::tank($roomC, $heaters, $side), new Place(2, [], [], self::ines()), $alarm === null ? [] : [$alarm]);
    }

    public static function ines(): Called
    {
        return new Called('Ines', true, 15, 30, true);
    }

    public static function alarm(?Hangs $hangs = null): AlarmWay
    {
        return new AlarmWay(
            name: 'Dialler',
            watches: Hazard::cases(),
            delayMin: 10,
            tested: true,
            onItsOwn: true,
            chain: [self::ines()],
            quantity: AlarmQuantity::Temperature,
            lowLimit: 24,
            highLimit: 26,
            hangs: $hangs ?? Hangs::onNothing(),
        );
    }

    /** @param  list<Device>  $devices */
    public static function standing(array $devices, ?float $animals = 8000.0, ?float $floor = 3000.0): Standing
    {
        return new Standing(devices: $devices, systemYears: 4.0, animalsWorth: $animals, floorWorth: $floor);
    }
}
