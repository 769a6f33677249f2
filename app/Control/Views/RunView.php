<?php

declare(strict_types=1);

namespace App\Control\Views;

use App\House\Views\FindingView;
use App\House\Views\FrameView;
use App\House\Views\SectionView;
use Velbrin\Core\Build\Section;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Control\Plant\FaultKind;
use Velbrin\Core\Control\Plant\Happening;
use Velbrin\Core\Control\Plant\Repeated;
use Velbrin\Core\Control\Plant\Run;
use Velbrin\Core\Control\Plant\Wear;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Hydraulics\PowerCutFrame;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** A run as it is drawn and told. */
final readonly class RunView
{
    /**
     * @param  list<array<string, float|null>>  $trace
     * @param  list<array{h: float, untilH: float, kind: string, words: string}>  $happened  what comes again and again told once
     * @param  list<FindingView>  $worn  outlets that start so often that they wear
     * @param  list<string>  $assumed
     * @param  array{0: float, 1: float}  $harmC
     * @param  array<string, array{least: string, most: string}>  $extremes
     * @param  list<FrameView>  $frames  of the drawing, one for each point of the trace
     */
    private function __construct(
        public array $trace,
        public array $happened,
        public array $worn,
        public array $assumed,
        public array $harmC,
        public ?string $firstHarm,
        public ?float $firstHarmH,
        public string $floor,
        public string $drawn,
        public array $extremes,
        public ?SectionView $section,
        public array $frames,
        /** @var list<string> what of its chemistry moved enough to be drawn */
        public array $moved,
    ) {
    }

    /** What each harm is called. */
    private const HARMS = [
        'cold' => 'too cold',
        'hot' => 'too warm',
        'salinity low' => 'too little salt',
        'salinity high' => 'too much salt',
        'oxygen' => 'too little oxygen',
        'ph' => 'pH too high',
        'alkalinity' => 'alkalinity rises too fast',
        'water on the floor' => 'water on the floor',
    ];

    /**
     * @param  list<string>  $assumed
     * @param  array{0: float, 1: float}  $harmC
     * @param  list<PowerCutFrame>  $frames
     */
    public static function of(
        Run $run,
        Setup $setup,
        array $assumed,
        array $harmC,
        ?Section $section,
        array $frames,
        Units $units,
    ): self {
        $first = $run->firstHarmS();
        $by = $first === null ? null : array_search($first, $run->harmS, true);
        $says = fn (float $value, Kind $kind): string => $units->show(Quantity::of($value, $kind));
        $extremes = [];
        foreach (['displayC' => Kind::Temperature, 'sumpC' => Kind::Temperature, 'salinity' => Kind::Salinity] as $what => $kind) {
            if (isset($run->extremes[$what])) {
                $extremes[$what] = [
                    'least' => $says($run->extremes[$what]['least'], $kind),
                    'most' => $says($run->extremes[$what]['most'], $kind),
                ];
            }
        }

        return new self(
            trace: array_map(self::point(...), $run->trace),
            happened: array_map(fn (Repeated $r): array => [
                'h' => $r->first->atS / 3600,
                'untilH' => $r->untilS / 3600,
                'kind' => $r->first->kind,
                'words' => self::words($r->first, $setup).self::again($r, $units),
            ], Repeated::gather($run->happened)),
            worn: FindingView::all(Wear::of($run, $setup), $units),
            assumed: $assumed,
            harmC: $harmC,
            firstHarm: is_string($by) ? self::HARMS[$by] : null,
            firstHarmH: $first === null ? null : $first / 3600,
            floor: $says($run->floorL, Kind::Volume),
            drawn: $says($run->drawnWh / 1000, Kind::Energy),
            extremes: $extremes,
            section: $section === null || $frames === [] ? null : SectionView::of($section, $units),
            frames: $section === null ? [] : FrameView::all($frames, $section, $units),
            moved: array_map(fn (Parameter $p): string => $p->value, $run->chemistryMoved()),
        );
    }

    /**
     * A point of the trace with its alkalinity as it is read, dKH.
     *
     * @param  array<string, float|null>  $point
     * @return array<string, float|null>
     */
    private static function point(array $point): array
    {
        $alkMeqL = $point['alkMeqL'] ?? null;

        return [...$point, 'alkDkh' => $alkMeqL === null ? null : $alkMeqL * ReadingUnit::DKH_PER_MEQ];
    }

    private static function label(?string $kind): string
    {
        return FaultKind::tryFrom((string) $kind)?->label() ?? (string) $kind;
    }

    /** How often, and every how long. */
    private static function again(Repeated $repeated, Units $units): string
    {
        if ($repeated->times === 1) {
            return '';
        }
        $every = Quantity::of(($repeated->untilS - $repeated->first->atS) / ($repeated->times - 1) / 60, Kind::Minutes);

        $times = Quantity::of($repeated->times, Kind::Count);

        return ", {$units->show($times)} times, one every {$units->show($every)}";
    }

    private static function words(Happening $h, Setup $setup): string
    {
        $name = $setup->nameOf($h->of);

        return match ($h->kind) {
            'fault' => $name === $h->says ? self::label($h->says) : "{$name}: ".self::label($h->says),
            'repaired' => ($name === $h->says ? self::label($h->says) : $name).': mended',
            'guard' => $setup->place((string) $h->says).': its guard acts',
            'latched' => "{$name}: waits for somebody to look",
            'alarm' => "alarm: {$h->of}",
            'cleared' => "alarm over: {$h->of}",
            'call' => $h->of === '1' ? '1 person is called' : "{$h->of} persons are called, one after the other",
            'came' => 'somebody stands there and mends it',
            'harm' => 'harm: '.self::HARMS[$h->of],
            default => "{$h->kind}: {$name}",
        };
    }
}
