<?php

declare(strict_types=1);

namespace App\Control;

use App\Control\Link\LinkDevice;
use App\House\Days;
use App\Systems\LastRead;
use App\Systems\System;
use App\Systems\SystemBrief;
use Carbon\CarbonImmutable;
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

    public function __construct(private readonly HelpNear $help)
    {
    }

    /** @return array<string, float|bool> */
    public function of(Controller $controller): array
    {
        return $this->read[$controller->id] ??= $this->ask($controller);
    }

    /** The set point of the system it drives; the house’s where none is said. */
    public function setpointC(Controller $controller): float
    {
        $id = $controller->sensors->firstWhere(fn (Sensor $s): bool => $s->system_id !== null)?->system_id;
        $system = $id === null ? null : System::query()->current()->with('vessels')->find($id);
        $brief = $system === null ? null : SystemBrief::read($system);

        return $brief === null ? self::HOUSE_C : Facts::of($brief)->number(F::SetpointC);
    }

    /** @return array<string, float|bool> */
    private function ask(Controller $controller): array
    {
        $id = $controller->sensors->firstWhere(fn (Sensor $s): bool => $s->system_id !== null)?->system_id;
        $system = $id === null ? null : System::query()->current()->with(['vessels', 'items', 'room', 'site'])->find($id);
        if ($system === null) {
            return [];
        }
        [$low, $high] = $system->regime->harmC();

        return array_filter([
            'volumeL' => $system->true_volume_l,
            'lowHarmC' => $low,
            'highHarmC' => $high,
            'helpMin' => $this->help->minutes($system),
            'alkDkh' => LastRead::of($system, Parameter::Alkalinity),
            'ph' => LastRead::of($system, Parameter::Ph),
            ...$this->heat($system),
            ...$this->waters($system),
            'isSummer' => self::isSummer($system),
            'hasClock' => self::hasClock($controller),
        ], fn (float|bool|null $v): bool => $v !== null);
    }

    /** What the controller said of its clock when it was last heard anew; null: nothing. */
    private static function hasClock(Controller $controller): ?bool
    {
        $last = LinkDevice::query()
            ->where('controller_id', $controller->id)
            ->whereNull('revoked_at')
            ->whereNotNull('hello_at')
            ->orderByDesc('hello_at')
            ->first();

        return $last?->getAttribute('clock_valid') === null ? null : (bool) $last->getAttribute('clock_valid');
    }

    /** One of the warm months, on the place's own calendar and half of the earth. */
    private static function isSummer(System $system): bool
    {
        $month = (int) CarbonImmutable::now($system->site->timezone ?? Days::zone())->format('n');

        return ! Season::isWinter($month, ($system->site->lat ?? 0.0) < 0);
    }

    /** @return array<string, float|null> nothing where no sump is described */
    private function waters(System $system): array
    {
        try {
            $facts = Facts::of(SystemBrief::running($system));
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
    private function heat(System $system): array
    {
        try {
            $facts = Facts::of(SystemBrief::running($system));

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
