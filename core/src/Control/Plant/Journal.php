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
        'salinity' => null, 'alkMeqL' => null, 'ph' => null, 'oxygenMgL' => null, 'returnLh' => null,
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

    /** @var list<string> what there is to measure */
    private readonly array $names;

    /** @var list<float> */
    private array $least;

    /** @var list<float> */
    private array $most;

    /** @var list<string> guards that acted at the last step */
    public array $guarding = [];

    /** @var list<string> what waits for somebody to look */
    public array $latched = [];

    private readonly bool $hasSump;

    private readonly bool $hasStore;

    private readonly bool $hasChemistry;

    public function __construct(PlantSpec $plant)
    {
        $this->hasSump = $plant->sump !== null;
        $this->hasStore = $plant->start->storeL !== null;
        $this->hasChemistry = $plant->start->alkMeqL !== null;
        $this->names = [
            'displayC', 'roomC', 'displayMm', 'floorL', 'salinity', 'returnLh',
            ...$this->hasSump ? ['sumpC', 'sumpMm'] : [],
            ...$this->hasStore ? ['storeL'] : [],
            ...$this->hasChemistry ? ['alkMeqL', 'ph', 'oxygenMgL'] : [],
        ];
        $this->least = array_fill(0, count($this->names), INF);
        $this->most = array_fill(0, count($this->names), -INF);
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
            $this->outlet($atS, (string) $outlet, $decision);
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

    /** The least and the most of each quantity, of every step. */
    public function measure(State $s): void
    {
        foreach ($this->values($s) as $n => $value) {
            if ($value < $this->least[$n]) {
                $this->least[$n] = $value;
            }
            if ($value > $this->most[$n]) {
                $this->most[$n] = $value;
            }
        }
    }

    /** @return array<string, array{least: float, most: float}> */
    public function extremes(): array
    {
        $extremes = [];
        foreach ($this->names as $n => $name) {
            if ($this->least[$n] <= $this->most[$n]) {
                $extremes[$name] = ['least' => $this->least[$n], 'most' => $this->most[$n]];
            }
        }

        return $extremes;
    }

    public function note(float $atS, State $s): void
    {
        $this->trace[] = ['atS' => $atS, ...self::NOTHING, ...array_combine($this->names, $this->values($s))];
    }

    private function outlet(float $atS, string $outlet, Decision $decision): void
    {
        $last = $this->last[$outlet] ?? null;
        if ($last === null || $last->level !== $decision->level || $last->says !== $decision->says) {
            $this->outlets[$outlet][] = ['fromS' => $atS, 'level' => $decision->level, 'says' => $decision->says->value];
            $this->last[$outlet] = $decision;
        }
    }

    /** @return list<float> in the order of their names */
    private function values(State $s): array
    {
        $water = $s->display;
        $values = [$water->tempC, $s->roomC, $s->overMm, $s->floorL, $water->salinity(), $s->returnLh];
        if ($this->hasSump) {
            $values[] = $s->sump->tempC;
            $values[] = $s->sumpMm();
        }
        if ($this->hasStore) {
            $values[] = $s->storeL;
        }
        if ($this->hasChemistry) {
            $values[] = $water->perL($water->alkMeq);
            $values[] = $water->ph;
            $values[] = $water->perL($water->oxygenMg);
        }

        return $values;
    }
}
