<?php

declare(strict_types=1);

namespace App\Control;

use App\Control\Views\RunView;
use App\Systems\System;
use App\Systems\SystemBrief;
use App\Team\User;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Section;
use Velbrin\Core\Control\Plant\Fault;
use Velbrin\Core\Control\Plant\FaultKind;
use Velbrin\Core\Control\Plant\HarmLimits;
use Velbrin\Core\Control\Plant\PlantReader;
use Velbrin\Core\Control\Plant\Run;
use Velbrin\Core\Control\Plant\RunFrames;
use Velbrin\Core\Control\Plant\Simulation;
use Velbrin\Core\Hydraulics\PowerCutFrame;
use Velbrin\Core\Measure\OutOfRange;

/** Plays what a controller does against a system of its place. */
final class PlayRun
{
    /** Between two points of a drawn line, s. */
    private const EVERY_S = 900.0;

    public function __construct(private readonly WholeSetUp $whole)
    {
    }

    /** @return array<string, mixed> */
    public function page(Controller $controller, User $user): array
    {
        $systems = ServedSystems::of($controller);
        $document = $this->whole->of($controller, $controller->latest()->document ?? []);
        $read = ReadableSetUp::of($document);
        $places = $pauses = [];
        foreach ($read->setup->programme->outlets as $outlet) {
            $places[] = ['key' => $outlet->id, 'label' => $outlet->place];
            $pauses = [...$pauses, ...array_keys($outlet->pauses)];
        }
        $sensors = fn (string $kind): array => array_values($controller->sensors
            ->filter(fn (Sensor $s): bool => $s->kind === $kind && ! $s->isArchived())
            ->map(fn (Sensor $s): array => ['key' => $s->key(), 'label' => $s->name])
            ->all());

        return [
            'controller' => ['id' => $controller->id, 'name' => $controller->name, 'site' => (string) $controller->site?->name],
            'systems' => $systems->map(fn (System $s): array => ['id' => $s->id, 'name' => $s->name])->all(),
            'kinds' => array_map(fn (FaultKind $k): array => [
                'kind' => $k->value,
                'label' => $k->label(),
                'sitsOn' => $k->sitsOn(),
                'value' => $k->value(),
            ], FaultKind::cases()),
            'elements' => [
                'outlet' => $places,
                'probe' => $sensors(Sensor::PROBE),
                'switch' => $sensors(Sensor::FLOAT),
                'pause' => array_map(fn (string $p): array => ['key' => $p, 'label' => $p], array_values(array_unique($pauses))),
            ],
            'hasSetUp' => $read->setup->programme->outlets !== [],
        ];
    }

    /** @param  list<Fault>  $faults */
    public function run(Controller $controller, System $system, array $faults, float $hours, ?float $arrivesS, User $user): RunView
    {
        if (! ServedSystems::of($controller)->contains($system)) {
            throw ValidationException::withMessages([
                'system_id' => "This controller reads and switches nothing of {$system->name}. Choose a system it serves.",
            ]);
        }
        $document = $this->whole->of($controller, $controller->latest()->document ?? []);
        [$plant, $assumed, $missing] = PlantOfSystem::of($system, $controller, $document);
        if ($plant === null) {
            throw ValidationException::withMessages(['system_id' => "Before it can be played, the record wants: {$missing}."]);
        }
        $setup = ReadableSetUp::of($document)->setup;
        [$low, $high] = $system->regime->harmC();
        try {
            $run = Simulation::play(
                setup: $setup,
                plant: PlantReader::read($plant),
                faults: $faults,
                hours: $hours,
                limits: new HarmLimits(lowC: $low, highC: $high),
                everyS: self::EVERY_S,
                arrivesS: $arrivesS,
            );
        } catch (OutOfRange $e) {
            throw ValidationException::withMessages(['system_id' => ucfirst($e->getMessage()).'.']);
        }

        [$section, $frames] = self::drawn($system, $run);

        return RunView::of($run, $setup, $assumed, [$low, $high], $section, $frames, $user->units());
    }

    /** @return array{Section|null, list<PowerCutFrame>} its drawing, and where the surfaces stand; nothing where it is not described */
    private static function drawn(System $system, Run $run): array
    {
        try {
            $facts = Facts::of(SystemBrief::running($system));

            return [Section::of($facts), RunFrames::of($facts, $run->trace)];
        } catch (Missing|OutOfRange) {
            return [null, []];
        }
    }
}
