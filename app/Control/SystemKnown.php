<?php

declare(strict_types=1);

namespace App\Control;

use App\House\Days;
use App\Systems\LastRead;
use App\Systems\OffDevices;
use App\Systems\System;
use App\Systems\SystemBrief;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic\Warmth;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Control\Plant\PlantFacts;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Season;

/** What is known of the system a controller drives, as its checker reads it; what nobody has said is left out. */
final class SystemKnown
{
    private const HOUSE_C = 25.5;

    /** @var array<int, array<string, float|bool>> asked once in a request */
    private array $read = [];

    public function __construct(private readonly HelpNear $help, private readonly OffDevices $off)
    {
    }

    /** @return array<string, float|bool> */
    public function of(Controller $controller): array
    {
        if (! isset($this->read[$controller->id])) {
            $this->gather([$controller]);
        }

        return $this->read[$controller->id];
    }

    /**
     * Asks for several controllers at once.
     *
     * @param  list<Controller>  $controllers  with their sensors
     */
    public function gather(array $controllers): void
    {
        (new Collection($controllers))->loadMissing('speakers');
        $driven = array_combine(array_column($controllers, 'id'), array_map(self::drives(...), $controllers));
        $ids = array_values(array_unique(array_filter($driven)));
        if ($ids === []) {
            $this->read += array_fill_keys(array_keys($driven), []);

            return;
        }
        $systems = System::query()->current()->with(['vessels', 'items', 'room', 'site'])->findMany($ids)->keyBy('id');
        $help = $this->help->minutes($ids);
        $last = LastRead::among($ids, [Parameter::Alkalinity, Parameter::Ph]);
        $off = $this->off->ids($ids);
        foreach ($controllers as $controller) {
            $id = $driven[$controller->id];
            $system = $id === null ? null : $systems->get($id);
            $this->read[$controller->id] = $system === null
                ? []
                : $this->known($system, $controller, ['helpMin' => $help[$id] ?? null], $last[$id] ?? [], $off);
        }
    }

    /** The system whose water its sensors hang in; null: none is said. */
    private static function drives(Controller $controller): ?int
    {
        return $controller->sensors->firstWhere(fn (Sensor $s): bool => $s->system_id !== null)?->system_id;
    }

    /** The set point of the system it drives; the house’s where none is said. */
    public function setpointC(Controller $controller): float
    {
        $id = self::drives($controller);
        $system = $id === null ? null : System::query()->current()->with('vessels')->find($id);
        $brief = $system === null ? null : SystemBrief::read($system);

        return $brief === null ? self::HOUSE_C : Facts::of($brief)->number(F::SetpointC);
    }

    /**
     * @param  array<string, float|null>  $help
     * @param  array<string, float>  $last  what was read last, by parameter
     * @param  list<int>  $off  ids of devices that are switched off
     * @return array<string, float|bool>
     */
    private function known(System $system, Controller $controller, array $help, array $last, array $off): array
    {
        [$low, $high] = $system->regime->harmC();
        $facts = self::facts($system, $off);

        return array_filter([
            'volumeL' => $system->true_volume_l,
            'lowHarmC' => $low,
            'highHarmC' => $high,
            ...$help,
            'alkDkh' => $last[Parameter::Alkalinity->value] ?? null,
            'ph' => $last[Parameter::Ph->value] ?? null,
            ...($facts === null ? [] : [...self::heat($facts), ...self::waters($facts)]),
            'isSummer' => self::isSummer($system),
            'hasClock' => self::hasClock($controller),
        ], fn (float|bool|null $v): bool => $v !== null);
    }

    /** What the controller said of its clock when it was last heard anew; null: nothing. */
    private static function hasClock(Controller $controller): ?bool
    {
        $last = $controller->speakers->first();

        return $last?->getAttribute('clock_valid') === null ? null : (bool) $last->getAttribute('clock_valid');
    }

    /** One of the warm months, on the place's own calendar and half of the earth. */
    private static function isSummer(System $system): bool
    {
        $month = (int) CarbonImmutable::now($system->site->timezone ?? Days::zone())->format('n');

        return ! Season::isWinter($month, ($system->site->lat ?? 0.0) < 0);
    }

    /** @param  list<int>  $off */
    private static function facts(System $system, array $off): ?Facts
    {
        try {
            return Facts::of(SystemBrief::running($system, $off));
        } catch (Missing|OutOfRange) {
            return null;
        }
    }

    /** @return array<string, float|null> nothing where no sump is described */
    private static function waters(Facts $facts): array
    {
        try {
            $flow = ['flowLh' => $facts->knows(F::FlowLh) ? $facts->number(F::FlowLh) : null];
            $sump = PlantFacts::of($facts, 0.0)['sump'] ?? null;

            return $sump === null ? $flow : [
                ...$flow,
                'sumpL' => SumpWater::of($facts)->waterL(),
                'returnL' => max(0.0, PlantFacts::startsMm($facts)) * $sump['returnM2'],
            ];
        } catch (Missing|OutOfRange) {
            return [];
        }
    }

    /** @return array<string, float|null> */
    private static function heat(Facts $facts): array
    {
        try {
            return [
                'lossWK' => Warmth::heat($facts)->coldUaWK,
                'coldestC' => $facts->knows(F::WinterC) ? $facts->number(F::WinterC) : null,
                'hottestC' => $facts->knows(F::SummerC) ? $facts->number(F::SummerC) : null,
                'backgroundW' => $facts->knows(F::PumpsW) ? $facts->number(F::PumpsW) : null,
                'evaporationLd' => Warmth::worstEvaporationLd($facts),
            ];
        } catch (Missing|OutOfRange) {
            return [];
        }
    }
}
