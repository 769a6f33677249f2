<?php

declare(strict_types=1);

namespace App\Control;

use App\House\Days;
use App\Systems\Item;
use App\Systems\LastRead;
use App\Systems\System;
use App\Systems\SystemBrief;
use App\Systems\Vessel;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Plant\Device;
use Velbrin\Core\Control\Plant\PlantFacts;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Community;
use Velbrin\Core\Risk\Outage;

/** The reader between a system’s record and a run: its waters, its room, its devices, and what the run takes for granted. */
final class PlantOfSystem
{
    private const ROOM_C = 21.0;

    private const LIT_FROM_MIN = 600.0;

    /** @var list<string> what the run takes for granted */
    public array $assumed = [];

    private function __construct(private readonly System $system, private readonly Controller $controller)
    {
    }

    /**
     * The system is loaded with vessels, items and room.
     *
     * @param  array<string, mixed>  $setUp  the whole document
     * @return array{0: array<string, mixed>|null, 1: list<string>, 2: string|null} document, what is taken for granted, what is missing
     */
    public static function of(System $system, Controller $controller, array $setUp): array
    {
        $reader = new self($system, $controller);
        try {
            return [$reader->document($setUp), $reader->assumed, null];
        } catch (Missing $e) {
            $labels = array_map(fn (string $f): string => lcfirst(PlanSheet::fields()[$f]->label ?? $f), $e->fields);

            return [null, [], implode(', ', $labels)];
        } catch (OutOfRange $e) {
            return [null, [], 'a sound '.lcfirst(PlanSheet::fields()[$e->field]->label ?? $e->field)];
        }
    }

    /**
     * @param  array<string, mixed>  $setUp
     * @return array<string, mixed>
     *
     * @throws Missing
     * @throws OutOfRange
     */
    private function document(array $setUp): array
    {
        $facts = Facts::of(SystemBrief::running($this->system));
        $isKnown = $facts->knows(F::WinterC);
        if (! $isKnown) {
            $this->assumed[] = sprintf('the room stands at %.0f °C', self::ROOM_C);
        }
        $waters = PlantFacts::of($facts, $isKnown ? $facts->number(F::WinterC) : self::ROOM_C);
        $hasSump = isset($waters['sump']);
        if (! $hasSump) {
            $this->assumed[] = 'one water, since sump or overflow are not described';
        }

        return [
            ...$waters,
            'life' => $this->life($facts, $waters['display']['areaM2'], $this->usedMeqDay($setUp) / self::litres($waters, $facts)),
            'start' => $this->start($facts),
            'devices' => $this->devices($facts, $setUp, $hasSump),
            'probes' => $this->probes($hasSump),
            'switches' => $this->switches(),
        ];
    }

    /** @return array<string, float> */
    private function life(Facts $facts, float $areaM2, float $usedMeqLDay): array
    {
        $kg = $this->system->fish_kg;
        if ($kg === null) {
            $this->assumed[] = 'no fish, since nobody has weighed them';
        }
        if ($this->system->community === null) {
            $this->assumed[] = 'a mixed community';
        }
        $community = $this->system->community ?? Community::Mixed;
        $hours = $facts->knows(F::LightHours) ? $facts->number(F::LightHours) : 10.0;
        $isDriven = array_filter($this->plugged(), fn (Item $i): bool => $i->job === Job::Light) !== [];
        if (! $isDriven) {
            $this->assumed[] = sprintf('lamps from %s on, since none hangs on this controller', Days::clock(self::LIT_FROM_MIN));
        }

        return [
            'alkMeqLDay' => $usedMeqLDay,
            'litHours' => max(1.0, $hours),
            ...$isDriven ? [] : ['litFromMin' => self::LIT_FROM_MIN],
            'fishMgH' => Outage::FISH * ($kg ?? 0.0),
            'communityMgH' => $community->mgPerM2H() * $areaM2,
        ];
    }

    /**
     * What a run holds when it begins.
     *
     * @param  array{display: array<string, float>, sump?: array<string, float>}  $waters
     *
     * @throws Missing
     */
    private static function litres(array $waters, Facts $facts): float
    {
        $sump = $waters['sump'] ?? null;

        return $waters['display']['crestL']
            + ($sump === null ? 0.0 : $sump['fixedL'] + $sump['returnM2'] * PlantFacts::startsMm($facts));
    }

    /**
     * Where alkalinity stands still, what grows uses what the heads and reactors give in a day, meq.
     *
     * @param  array<string, mixed>  $setUp
     */
    private function usedMeqDay(array $setUp): float
    {
        $rules = $this->rules($setUp);
        $meqDay = 0.0;
        foreach ($this->plugged() as $outlet => $item) {
            $strength = $item->doses?->dicPerMeq() === null ? 0.0 : ($item->strength_meq_ml ?? 0.0);
            $meqDay += $strength * match ($item->job) {
                Job::Doser => self::mlDay($rules[$outlet] ?? []),
                Job::Reactor => 1440 * ($item->ml_per_min ?? 0.0),
                default => 0.0,
            };
        }
        if ($meqDay > 0) {
            $this->assumed[] = 'what grows uses the alkalinity that is given in a day';
        }

        return $meqDay;
    }

    /**
     * What its times give, no more than its cap, mL.
     *
     * @param  array<array-key, mixed>  $rule
     */
    private static function mlDay(array $rule): float
    {
        $number = fn (string $key): float => is_numeric($rule[$key] ?? null) ? (float) $rule[$key] : 0.0;
        $times = is_array($rule['minutes'] ?? null) ? count($rule['minutes']) : 0;
        $givenMl = ($times * $number('s') * $number('mlPerMin')) / 60;

        return isset($rule['capMl']) ? min($number('capMl'), $givenMl) : $givenMl;
    }

    /** @return array<string, float> */
    private function start(Facts $facts): array
    {
        $alk = LastRead::of($this->system, Parameter::Alkalinity);
        $ph = LastRead::of($this->system, Parameter::Ph);
        if ($alk === null) {
            $this->assumed[] = 'its chemistry is left out, since no alkalinity was read';
        }
        $store = $facts->brief->has(F::ReservoirL) ? $facts->number(F::ReservoirL) : null;
        if ($store === null) {
            $this->assumed[] = 'the top-off has water without an end';
        }

        return array_filter([
            'tempC' => $facts->number(F::SetpointC),
            'salinity' => LastRead::of($this->system, Parameter::Salinity) ?? $facts->number(F::Salinity),
            'sumpMm' => PlantFacts::startsMm($facts),
            'storeL' => $store,
            'alkMeqL' => $alk === null ? null : $alk / ReadingUnit::DKH_PER_MEQ,
            'ph' => $ph ?? 8.2,
        ], fn (?float $v): bool => $v !== null);
    }

    /**
     * @param  array<string, mixed>  $setUp
     * @return array<string, array<string, mixed>>
     */
    private function devices(Facts $facts, array $setUp, bool $hasSump): array
    {
        $rules = $this->rules($setUp);
        $devices = [];
        foreach ($this->plugged() as $outlet => $item) {
            $devices[$outlet] = $this->device($item, $facts, $rules[$outlet] ?? [], $hasSump);
        }

        return $devices;
    }

    /**
     * @param  array<string, mixed>  $setUp
     * @return array<string, array<array-key, mixed>> by outlet
     */
    private function rules(array $setUp): array
    {
        $rules = [];
        foreach (is_array($setUp['outlets'] ?? null) ? $setUp['outlets'] : [] as $one) {
            if (is_array($one) && is_string($one['id'] ?? null) && is_array($one['rule'] ?? null)) {
                $rules[$one['id']] = $one['rule'];
            }
        }

        return $rules;
    }

    /** @return array<string, Item> of this system, by the outlet it hangs on */
    private function plugged(): array
    {
        $plugged = [];
        foreach ($this->controller->strips->flatMap(fn (Strip $s) => $s->outlets) as $outlet) {
            $item = $outlet->items->firstWhere('system_id', $this->system->id);
            if ($item instanceof Item) {
                $plugged[$outlet->key()] = $item;
            }
        }

        return $plugged;
    }

    /**
     * @param  array<array-key, mixed>  $rule
     * @return array<string, mixed>
     */
    private function device(Item $item, Facts $facts, array $rule, bool $hasSump): array
    {
        if ($item->watts === null) {
            $this->assumed[] = "{$item->name} draws nothing, since nobody wrote its watts down";
        }
        if ($item->job === Job::Chiller && $item->watts !== null) {
            $this->assumed[] = sprintf('%s takes out %.0f W, by what it draws', $item->name, Device::coolsByDraw($item->watts));
        }
        $number = fn (string $key): float => is_numeric($rule[$key] ?? null) ? (float) $rule[$key] : 0.0;

        return array_filter([
            'job' => $item->job->value,
            'in' => $this->water($item, $hasSump),
            'watts' => $item->watts ?? 0.0,
            'thermostatC' => $item->job === Job::Heater ? $item->stopsItselfC() : null,
            'coolsW' => $item->job === Job::Chiller ? Device::coolsByDraw($item->watts ?? 0.0) : null,
            'litresPerH' => match ($item->job) {
                Job::ReturnPump => $facts->knows(F::FlowLh) ? $facts->number(F::FlowLh) : 0.0,
                Job::TopOff => $number('litresPerH'),
                default => null,
            },
            'mlPerMin' => match ($item->job) {
                Job::Doser => $number('mlPerMin'),
                Job::Reactor => $this->leaves($item),
                default => null,
            },
            ...in_array($item->job, [Job::Doser, Job::Reactor], true) ? $this->brings($item) : [],
        ], fn (mixed $v): bool => $v !== null);
    }

    /** What leaves a reactor all day long, mL a minute. */
    private function leaves(Item $reactor): float
    {
        if ($reactor->ml_per_min === null) {
            $this->assumed[] = "{$reactor->name} gives nothing, since nobody wrote down what leaves it in a minute";
        }

        return $reactor->ml_per_min ?? 0.0;
    }

    /** @return array<string, float> what a head or a reactor brings with each mL, and what a head’s vessel holds */
    private function brings(Item $item): array
    {
        $dic = $item->doses?->dicPerMeq();
        if ($item->doses === null || ($dic !== null && $item->strength_meq_ml === null)) {
            $this->assumed[] = "{$item->name} brings nothing, since nobody wrote down what it gives and how strong that is";
        }
        if ($item->job === Job::Doser && $item->holds_ml === null) {
            $this->assumed[] = "the vessel of {$item->name} has no end";
        }

        return array_filter([
            'alkMeqPerMl' => $dic === null ? null : $item->strength_meq_ml,
            'dicPerMeq' => $dic,
            'vesselMl' => $item->job === Job::Doser ? $item->holds_ml : null,
        ], fn (?float $v): bool => $v !== null);
    }

    /** Where nobody has said, gear stands in the sump and lamps and streams over and in the display. */
    private function water(Item $item, bool $hasSump): string
    {
        $role = $item->vessel_id === null
            ? null
            : $this->system->vessels->first(fn (Vessel $v): bool => $v->id === $item->vessel_id)?->role;
        $above = in_array($item->job, [Job::Light, Job::CirculationPump, Job::Fan], true);

        return match (true) {
            $role === 'display' || $role === 'sump' => $role === 'sump' && ! $hasSump ? 'display' : $role,
            default => $above || ! $hasSump ? 'display' : 'sump',
        };
    }

    /** @return array<string, array<string, mixed>> */
    private function probes(bool $hasSump): array
    {
        $probes = [];
        foreach ($this->mine(Sensor::PROBE) as $sensor) {
            $probes[$sensor->key()] = [
                'quantity' => (string) $sensor->quantity,
                'in' => $sensor->hangs_in === 'sump' && ! $hasSump ? 'display' : $sensor->hangs_in,
                'resolution' => $sensor->resolution ?? 0.1,
            ];
        }

        return $probes;
    }

    /** @return array<string, array<string, mixed>> */
    private function switches(): array
    {
        $switches = [];
        foreach ($this->mine(Sensor::FLOAT) as $sensor) {
            $switches[$sensor->key()] = ['in' => $sensor->hangs_in, 'at' => $sensor->at ?? 0.0];
        }

        return $switches;
    }

    /** @return list<Sensor> */
    private function mine(string $kind): array
    {
        return array_values($this->controller->sensors
            ->filter(fn (Sensor $s): bool => $s->kind === $kind && ! $s->isArchived())
            ->filter(fn (Sensor $s): bool => in_array($s->system_id, [null, $this->system->id], true))
            ->all());
    }
}
