<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Fields;
use Velbrin\Core\Hydraulics\Crest;
use Velbrin\Core\Measure\OutOfRange;

/** Reads a system, its faults and its limits of harm from their document: units in the names of keys, unknown keys refused. */
final class PlantReader
{
    /**
     * @param  array<array-key, mixed>  $document
     *
     * @throws OutOfRange that names the field
     */
    public static function read(array $document): PlantSpec
    {
        $all = Fields::of($document, 'plant');
        $display = self::display($all->object('display'));
        $devices = $probes = $switches = [];
        foreach ($all->map('devices') as $outlet => $device) {
            $devices[$outlet] = self::device($device);
        }
        foreach ($all->map('probes') as $id => $probe) {
            $probes[$id] = new ProbeAt(
                $probe->text('quantity'),
                $probe->choice('in', Body::class),
                $probe->number('resolution', 1e-9),
                $probe->number('noise', 0.0, 0.0),
            );
            $probe->noMore();
        }
        foreach ($all->map('switches') as $id => $switch) {
            $in = $switch->text('in');
            if (! in_array($in, ['return', 'display', 'store', 'floor'], true)) {
                throw $switch->wrong('in', Phrase::ReturnDisplayStoreOrFloor);
            }
            $switches[$id] = new SwitchAt($in, $switch->number('at'));
            $switch->noMore();
        }
        $spec = new PlantSpec(
            display: $display,
            sump: $all->has('sump') ? self::sump($all->object('sump')) : null,
            room: self::room($all->object('room')),
            life: $all->has('life') ? self::life($all->object('life')) : null,
            start: self::start($all->object('start')),
            devices: $devices,
            probes: $probes,
            switches: $switches,
        );
        $all->noMore();

        return $spec;
    }

    /**
     * @param  list<mixed>  $given
     * @return list<Fault>
     *
     * @throws OutOfRange
     */
    public static function faults(array $given): array
    {
        $faults = [];
        foreach ($given as $n => $one) {
            $fault = Fields::of($one, "faults.{$n}");
            $faults[] = new Fault(
                kind: $fault->choice('kind', FaultKind::class),
                of: $fault->textOrNull('of'),
                fromS: $fault->number('fromS', 0.0),
                untilS: $fault->numberOrNull('untilS', 0.0) ?? INF,
                value: $fault->number('value', default: 0.0),
            );
            $fault->noMore();
        }

        return $faults;
    }

    /** @param  array<array-key, mixed>  $given */
    public static function limits(array $given): HarmLimits
    {
        $usual = new HarmLimits();
        $all = Fields::of($given, 'harm');
        $read = new HarmLimits(
            lowC: $all->number('lowC', default: $usual->lowC),
            highC: $all->number('highC', default: $usual->highC),
            oxygenMgL: $all->number('oxygenMgL', 0.0, $usual->oxygenMgL),
            lowSalinity: $all->number('lowSalinity', 0.0, $usual->lowSalinity),
            highSalinity: $all->number('highSalinity', 0.0, $usual->highSalinity),
            highPh: $all->number('highPh', 0.0, $usual->highPh),
            alkRiseMeqL: $all->number('alkRiseMeqL', 0.0, $usual->alkRiseMeqL),
        );
        $all->noMore();

        return $read;
    }

    private static function display(Fields $given): Display
    {
        $weirMm = $given->numberOrNull('weirMm', 1.0);
        $read = new Display(
            areaM2: $given->number('areaM2', 0.001),
            crestL: $given->number('crestL', 0.1),
            rimMm: $given->number('rimMm', 0.0),
            crest: $weirMm === null ? null : Crest::edge($weirMm),
            drainLh: $given->number('drainLh', 0.0, 0.0),
            emergencyLh: $given->number('emergencyLh', 0.0, 0.0),
            siphonMm: $given->number('siphonMm', 0.0, 0.0),
        );
        $given->noMore();

        return $read;
    }

    private static function sump(Fields $given): SumpOf
    {
        $returnM2 = $given->number('returnM2', 0.001);
        $baffleMm = $given->number('baffleMm', 1.0);
        $read = new SumpOf(
            fixedL: $given->number('fixedL', 0.1),
            returnM2: $returnM2,
            allM2: $given->number('allM2', $returnM2),
            baffleMm: $baffleMm,
            rimMm: $given->number('rimMm', $baffleMm),
            skimmerMm: $given->number('skimmerMm', 0.0, 20.0),
            cupL: $given->number('cupL', 0.0, 2.0),
        );
        $given->noMore();

        return $read;
    }

    private static function room(Fields $given): Surroundings
    {
        $roomC = $given->number('roomC', -20.0);
        $read = new Surroundings(
            roomC: $roomC,
            swingC: $given->number('swingC', 0.0, 0.0),
            outdoorsC: $given->number('outdoorsC', -40.0, $roomC),
            humidityPct: $given->number('humidityPct', 0.0, 50.0),
            displayWK: $given->number('displayWK', 0.0),
            sumpWK: $given->number('sumpWK', 0.0, 0.0),
            openM2: $given->number('openM2', 0.0),
            sumpOpenM2: $given->number('sumpOpenM2', 0.0, 0.0),
            evaporationScale: $given->number('evaporationScale', 0.0, 1.0),
        );
        $given->noMore();

        return $read;
    }

    private static function life(Fields $given): Life
    {
        $read = new Life(
            alkMeqLDay: $given->number('alkMeqLDay', 0.0, 0.0),
            litHours: $given->number('litHours', 0.0, 10.0),
            litFromMin: $given->numberOrNull('litFromMin', 0.0),
            fishMgH: $given->number('fishMgH', 0.0, 0.0),
            communityMgH: $given->number('communityMgH', 0.0, 0.0),
            nitrateMgDay: $given->number('nitrateMgDay', 0.0, 0.0),
            movedMH: $given->number('movedMH', 0.0, 0.10),
            stillMH: $given->number('stillMH', 0.0, 0.01),
            co2Ppm: $given->number('co2Ppm', 1.0, 500.0),
        );
        $given->noMore();

        return $read;
    }

    private static function start(Fields $given): Start
    {
        $storeL = $given->numberOrNull('storeL', 0.0);
        $read = new Start(
            minute: $given->number('minute', 0.0, 0.0),
            tempC: $given->number('tempC', 2.0),
            salinity: $given->number('salinity', 0.0, 35.0),
            sumpMm: $given->number('sumpMm', 0.0, 0.0),
            storeL: $storeL,
            storeMostL: $given->number('storeMostL', $storeL ?? 0.0, $storeL ?? 0.0),
            alkMeqL: $given->numberOrNull('alkMeqL', 0.1),
            ph: $given->number('ph', 6.5, 8.2),
            caMgL: $given->number('caMgL', 0.0, 420.0),
        );
        $given->noMore();

        return $read;
    }

    private static function device(Fields $given): Device
    {
        $job = $given->choice('job', Job::class);
        $read = new Device(
            job: $job,
            body: $given->choice('in', Body::class),
            watts: $given->number('watts', 0.0, 0.0),
            heatShare: $given->number('heatShare', 0.0, Device::heatShareOf($job)),
            coolsW: $given->number('coolsW', 0.0, 0.0),
            thermostatC: $given->numberOrNull('thermostatC'),
            litresPerH: $given->number('litresPerH', 0.0, 0.0),
            mlPerMin: $given->number('mlPerMin', 0.0, 0.0),
            alkMeqPerMl: $given->number('alkMeqPerMl', 0.0, 0.0),
            dicPerMeq: $given->number('dicPerMeq', 0.0, 1.0),
            caMgPerMl: $given->number('caMgPerMl', 0.0, 0.0),
            vesselMl: $given->numberOrNull('vesselMl', 0.0),
        );
        $given->noMore();

        return $read;
    }
}
