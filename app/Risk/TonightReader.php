<?php

declare(strict_types=1);

namespace App\Risk;

use App\Systems\System;
use App\Systems\SystemBrief;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Build\Topic\Volumes;
use Velbrin\Core\Build\Topic\Warmth;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Community;
use Velbrin\Core\Risk\Tonight;

/** The reader between a system's record and the core: the tank as it stands that night. */
final class TonightReader
{
    /**
     * The system is loaded with vessels, items, room and site.
     *
     * @return Tonight|string the tank, or what is still to be said
     */
    public static function read(System $system, Night $night): Tonight|string
    {
        $room = $night->roomC($system);
        if ($room === null) {
            return 'how warm the room then is';
        }
        $heaters = [];
        foreach ($system->items as $item) {
            if ($item->job === Job::Heater && $item->retired_at === null) {
                if ($item->watts === null) {
                    return "the watts of {$item->name}";
                }
                $heaters[] = $item->watts;
            }
        }
        try {
            $facts = Facts::of(SystemBrief::read($system));
            $display = DisplayTank::of($facts);
            [$low] = $system->regime->harmC();

            return new Tonight(
                Warmth::heat($facts), $system->volumeL() ?? Volumes::systemL($facts), $display->vessel->insideAreaM2(), $display->vessel->insideAreaM2(), $facts->word(F::Top) !== 'open',
                $facts->number(F::SetpointC), $facts->number(F::Salinity), $heaters,
                self::known($facts, F::PumpsW) + ($night->isDay() ? self::known($facts, F::LightsW) * $facts->number(F::LightSharePct) / 100 : 0.0),
                $room, $low, $facts->number(F::UpperHarmC), $system->fish_kg, $system->small_fish, $system->community ?? Community::Mixed,
                $system->battery_h ?? 0.0, $system->battery_pump, $system->site->altitude_m ?? 0.0, Volumes::displayL($facts),
            );
        } catch (Missing $e) {
            return implode(', ', array_map(fn (string $f): string => lcfirst(PlanSheet::fields()[$f]->label ?? $f), $e->fields));
        } catch (OutOfRange $e) {
            return 'a sound '.lcfirst(PlanSheet::fields()[$e->field]->label ?? $e->field);
        }
    }

    /** Heat nobody has counted is left out: it would only flatter a cold night. */
    private static function known(Facts $facts, F $field): float
    {
        return $facts->knows($field) ? $facts->number($field) : 0.0;
    }

    /** @return list<string> what to load with a system before reading it */
    public static function loads(): array
    {
        return ['vessels', 'items', 'room', 'site'];
    }
}
