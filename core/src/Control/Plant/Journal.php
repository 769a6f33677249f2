<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Control\Programme\Decision;
use Velbrin\Core\Control\Programme\Says;

/** Writes a run down while it is played. */
final class Journal
{
    /** All that is noted, in its order; what a system does not have stays empty. */
    private const NOTHING = [
        'displayC' => null, 'sumpC' => null, 'roomC' => null, 'displayMm' => null, 'sumpMm' => null, 'storeL' => null, 'floorL' => null,
        'salinity' => null, 'alkMeqL' => null, 'ph' => null, 'oxygenMgL' => null, 'calciumMgL' => null, 'returnLh' => null,
    ];

    /** @var list<array<string, float|null>> */
    public array $trace = [];

    /** @var array<string, list<array{fromS: float, level: float, says: string}>> */
    public array $outlets = [];

    /** @var array<string, Decision> what was written down last */
    private array $last = [];

    /** @var list<Happening> */
    public array $happened = [];

    /** @var array<string, float> */
    public array $harmS = [];

    /** @var list<float> */
    private array $least;

    /** @var list<float> */
    private array $most;

    /** @var list<string> guards that acted at the last step */
    public array $guarding = [];

    /** @var list<string> what waits for somebody to look */
    public array $latched = [];

    public function __construct(private readonly Gauge $gauge)
    {
        $this->least = array_fill(0, count($gauge->noted), INF);
        $this->most = array_fill(0, count($gauge->noted), -INF);
    }

    public function happens(float $atS, string $kind, string $of, ?string $says = null): void
    {
        $this->happened[] = new Happening($atS, $kind, $of, $says);
    }

    /** @param  list<Fault>  $faults */
    public function faults(float $atS, array $faults): void
    {
        foreach ($faults as $fault) {
            $of = $fault->of ?? $fault->kind->value;
            if (abs($fault->fromS - $atS) < 1e-6) {
                $this->happens($atS, 'fault', $of, $fault->kind->value);
            }
            if (abs($fault->untilS - $atS) < 1e-6) {
                $this->happens($atS, 'repaired', $of, $fault->kind->value);
            }
        }
    }

    /**
     * @param  array<string, Decision>  $decided
     * @param  list<string>  $latched
     */
    public function decided(float $atS, array $decided, array $latched): void
    {
        $guarding = [];
        foreach ($decided as $outlet => $decision) {
            $last = $this->last[$outlet] ?? null;
            if ($last === null || $last->level !== $decision->level || $last->says !== $decision->says) {
                $this->outlets[$outlet][] = ['fromS' => $atS, 'level' => $decision->level, 'says' => $decision->says->value];
                $this->last[$outlet] = $decision;
            }
            if ($decision->says === Says::Guard && $decision->by !== null) {
                $guarding[] = $decision->by;
                if (! in_array($decision->by, $this->guarding, true)) {
                    $this->happens($atS, 'guard', $decision->by, (string) $outlet);
                }
            }
        }
        $this->guarding = $guarding;
        foreach (array_diff($latched, $this->latched) as $id) {
            $this->happens($atS, 'latched', $id);
        }
        $this->latched = $latched;
    }

    /** @param  list<string>  $harms  that are there now */
    public function harms(float $atS, array $harms): void
    {
        foreach ($harms as $harm) {
            if (! isset($this->harmS[$harm])) {
                $this->harmS[$harm] = $atS;
                $this->happens($atS, 'harm', $harm);
            }
        }
    }

    /**
     * The least and the most of each quantity, of every step.
     *
     * @param  list<float>  $seen
     */
    public function measure(array $seen): void
    {
        foreach ($this->most as $n => $most) {
            if ($seen[$n] < $this->least[$n]) {
                $this->least[$n] = $seen[$n];
            }
            if ($seen[$n] > $most) {
                $this->most[$n] = $seen[$n];
            }
        }
    }

    /** @return array<string, array{least: float, most: float}> */
    public function extremes(): array
    {
        $extremes = [];
        foreach ($this->gauge->noted as $n => $name) {
            if ($this->least[$n] <= $this->most[$n]) {
                $extremes[$name] = ['least' => $this->least[$n], 'most' => $this->most[$n]];
            }
        }

        return $extremes;
    }

    /** @param  list<float>  $seen */
    public function note(float $atS, array $seen): void
    {
        $noted = array_combine($this->gauge->noted, array_slice($seen, 0, count($this->gauge->noted)));
        $this->trace[] = ['atS' => $atS, ...self::NOTHING, ...$noted];
    }
}
