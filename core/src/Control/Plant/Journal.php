<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Control\Programme\Decision;
use Velbrin\Core\Control\Programme\Says;

/** Writes a run down while it is played. */
final class Journal
{
    /** @var list<array<string, float|null>> */
    public array $trace = [];

    /** @var array<string, list<array{fromS: float, level: float, says: string}>> */
    public array $outlets = [];

    /** @var list<Happening> */
    public array $happened = [];

    /** @var array<string, float> */
    public array $harmS = [];

    /** @var array<string, float> */
    private array $least = [];

    /** @var array<string, float> */
    private array $most = [];

    /** @var list<string> guards that acted at the last step */
    public array $guarding = [];

    /** @var list<string> what waits for somebody to look */
    public array $latched = [];

    public function __construct(private readonly PlantSpec $plant)
    {
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
        foreach ($this->point($s) as $what => $value) {
            if ($value === null) {
                continue;
            }
            if ($value < ($this->least[$what] ?? INF)) {
                $this->least[$what] = $value;
            }
            if ($value > ($this->most[$what] ?? -INF)) {
                $this->most[$what] = $value;
            }
        }
    }

    /** @return array<string, array{least: float, most: float}> */
    public function extremes(): array
    {
        $extremes = [];
        foreach ($this->least as $what => $least) {
            $extremes[$what] = ['least' => $least, 'most' => $this->most[$what]];
        }

        return $extremes;
    }

    public function note(float $atS, State $s): void
    {
        $this->trace[] = ['atS' => $atS, ...$this->point($s)];
    }

    private function outlet(float $atS, string $outlet, Decision $decision): void
    {
        $before = $this->outlets[$outlet] ?? [];
        $last = $before === [] ? null : $before[count($before) - 1];
        if ($last === null || $last['level'] !== $decision->level || $last['says'] !== $decision->says->value) {
            $this->outlets[$outlet][] = ['fromS' => $atS, 'level' => $decision->level, 'says' => $decision->says->value];
        }
    }

    /** @return array<string, float|null> */
    private function point(State $s): array
    {
        $hasSump = $this->plant->sump !== null;
        $hasChemistry = $this->plant->start->alkMeqL !== null;

        return [
            'displayC' => $s->tempC[0],
            'sumpC' => $hasSump ? $s->tempC[1] : null,
            'roomC' => $s->roomC,
            'displayMm' => $s->overMm,
            'sumpMm' => $hasSump ? $s->sumpMm() : null,
            'storeL' => $this->plant->start->storeL === null ? null : $s->storeL,
            'floorL' => $s->floorL,
            'salinity' => $s->salinity(0),
            'alkMeqL' => $hasChemistry ? $s->per($s->alkMeq, 0) : null,
            'ph' => $hasChemistry ? $s->ph[0] : null,
            'oxygenMgL' => $hasChemistry ? $s->per($s->oxygenMg, 0) : null,
            'returnLh' => $s->returnLh,
        ];
    }
}
