<?php

declare(strict_types=1);

namespace App\Control;

use App\Systems\System;
use App\Systems\SystemBrief;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\Topic\Warmth;
use Velbrin\Core\Measure\OutOfRange;

/** What is known of the system a controller drives, as its checker reads it; what nobody has said is left out. */
final class SystemKnown
{
    /** @var array<int, array<string, float>> asked once in a request */
    private array $read = [];

    public function __construct(private readonly HelpNear $help)
    {
    }

    /** @return array<string, float> */
    public function of(Controller $controller): array
    {
        return $this->read[$controller->id] ??= $this->ask($controller);
    }

    /** @return array<string, float> */
    private function ask(Controller $controller): array
    {
        $id = $controller->sensors->firstWhere(fn (Sensor $s): bool => $s->system_id !== null)?->system_id;
        $system = $id === null ? null : System::query()->current()->with(['vessels', 'items', 'room'])->find($id);
        if ($system === null) {
            return [];
        }
        [$low, $high] = $system->regime->harmC();

        return array_filter([
            'volumeL' => $system->true_volume_l,
            'lowHarmC' => $low,
            'highHarmC' => $high,
            'helpMin' => $this->help->minutes($system),
            ...$this->heat($system),
        ], fn (?float $v): bool => $v !== null);
    }

    /** @return array<string, float|null> */
    private function heat(System $system): array
    {
        try {
            $facts = Facts::of(SystemBrief::running($system));

            return [
                'lossWK' => Warmth::heat($facts)->coldUaWK,
                'coldestC' => $facts->knows(F::WinterC) ? $facts->number(F::WinterC) : null,
                'backgroundW' => $facts->knows(F::PumpsW) ? $facts->number(F::PumpsW) : null,
                'evaporationLd' => Warmth::worstEvaporationLd($facts),
            ];
        } catch (Missing|OutOfRange) {
            return [];
        }
    }
}
