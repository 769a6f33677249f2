<?php

declare(strict_types=1);

namespace App\Risk;

use App\Systems\Register;
use App\Systems\System;
use App\Systems\SystemBrief;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Build\Topic\Volumes;
use Velbrin\Core\Build\Topic\Warmth;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Community;
use Velbrin\Core\Risk\Fault\Waterside;
use Velbrin\Core\Risk\Rate\Assumed;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Tonight;

/** The reader between a system's record and the core: the tank as it stands that night. What is the same every night is read once. */
final class TonightReader
{
    private readonly Register $register;

    private ?Facts $facts = null;

    private ?Rates $rates = null;

    /** @var array<int, Waterside> by whether it is winter: nothing else of a night changes what can spill, thin or run dry */
    private array $watersides = [];

    /** @param  list<int>  $off  ids of devices that are switched off */
    private function __construct(private readonly System $system, private readonly array $off, private readonly ?Around $around)
    {
        $this->register = Register::of($system, $off);
    }

    /**
     * The system is loaded with vessels, items, room and site.
     *
     * @param  list<int>  $off  ids of devices that are switched off
     */
    public static function of(System $system, array $off, ?Around $around = null): self
    {
        return new self($system, $off, $around);
    }

    /**
     * Of one night alone.
     *
     * @param  list<int>  $off
     * @return Tonight|string the tank, or what is still to be said
     */
    public static function read(System $system, Night $night, array $off, ?Around $around = null): Tonight|string
    {
        return self::of($system, $off, $around)->at($night);
    }

    /** @return Tonight|string the tank, or what is still to be said */
    public function at(Night $night): Tonight|string
    {
        $room = $night->roomC($this->system);
        if ($room === null) {
            return 'how warm the room then is';
        }
        if ($this->register->heatersWithoutWatts() !== []) {
            return 'the watts of '.implode(', ', $this->register->heatersWithoutWatts());
        }
        try {
            $this->facts ??= Facts::of(SystemBrief::running($this->system, $this->off));
            $tank = $this->tank($this->facts, $night, $room);

            return $this->around === null ? $tank : $tank->with(waterside: $this->waterside($this->around, $this->facts, $night));
        } catch (Missing $e) {
            return implode(
                ', ',
                array_map(fn (string $f): string => lcfirst(PlanSheet::fields()[$f]->label ?? $f), $e->fields),
            );
        } catch (OutOfRange $e) {
            return 'a sound '.lcfirst(PlanSheet::fields()[$e->field]->label ?? $e->field);
        }
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    private function waterside(Around $around, Facts $facts, Night $night): Waterside
    {
        $isWinter = $night->isWinter($this->system);

        return $this->watersides[(int) $isWinter] ??= $around->waterside($this->system, $facts, $isWinter);
    }

    /**
     * @throws Missing
     * @throws OutOfRange
     */
    private function tank(Facts $facts, Night $night, float $roomC): Tonight
    {
        [$system, $register] = [$this->system, $this->register];
        $display = DisplayTank::of($facts);
        $lights = $night->isDay() ? (self::known($facts, F::LightsW) * $facts->number(F::LightSharePct)) / 100 : 0.0;
        [$displayHeat, $sumpHeat] = Warmth::apart($facts);

        return new Tonight(
            heat: Warmth::heat($facts),
            volumeL: Volumes::systemL($facts),
            surfaceM2: $display->vessel->insideAreaM2(),
            footprintM2: $display->vessel->insideAreaM2(),
            lid: $facts->word(F::Top) !== 'open',
            setpointC: $facts->number(F::SetpointC),
            salinity: $facts->number(F::Salinity),
            heaters: $register->heaters(),
            backgroundW: self::known($facts, F::PumpsW) + $lights,
            roomC: $roomC,
            lowC: $system->regime->harmC()[0],
            highC: $facts->number(F::UpperHarmC),
            fishKg: $system->fish_kg,
            smallFish: $system->small_fish,
            community: $system->community ?? Community::Mixed,
            batteryH: self::batteryH($system, $register),
            batteryPump: $system->battery_pump,
            altitudeM: $system->site->altitude_m ?? 0.0,
            displayL: Volumes::displayL($facts),
            displayHeat: $displayHeat,
            sumpHeat: $sumpHeat,
            hasAnimals: $system->has_animals ?? true,
            noHeater: $system->noHeater(),
            batteryLoadW: $register->batteryLoadW(),
            coldKh: $this->rates()->of(Assumed::ColdKelvinHours),
            hotKh: $this->rates()->of(Assumed::HotKelvinHours),
            movers: $register->movers(),
        );
    }

    /**
     * By R-23 from a battery that is described; one that is not counts as nothing; hours somebody once said where none stands in
     * the register.
     */
    private static function batteryH(System $system, Register $register): float
    {
        return $register->batteryHours() ?? ($register->hasBattery() ? 0.0 : $system->battery_h ?? 0.0);
    }

    /** Heat nobody has counted is left out: it would only flatter a cold night. */
    private static function known(Facts $facts, F $field): float
    {
        return $facts->knows($field) ? $facts->number($field) : 0.0;
    }

    /** What is in force, asked once. */
    private function rates(): Rates
    {
        return $this->rates ??= RiskRate::rates();
    }

    /** @return list<string> what to load with a system before reading it */
    public static function loads(): array
    {
        return ['vessels', 'items', 'room', 'site'];
    }
}
