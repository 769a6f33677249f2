<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** What is read of a system at each moment, as a list in one order: first what is noted of a run, then what only a probe reads. */
final readonly class Gauge
{
    /** @var list<string> in their order */
    public array $noted;

    /** What is read, beside what probes have come to. */
    public int $count;

    /** @var list<int> by probe in their order, where that stands which it reads */
    public array $probes;

    /** @var list<ProbeAt> what is noted of no run */
    private array $beside;

    private bool $hasSump;

    private bool $hasStore;

    private bool $hasChemistry;

    public function __construct(PlantSpec $plant)
    {
        $this->hasSump = $plant->sump !== null;
        $this->hasStore = $plant->start->storeL !== null;
        $this->hasChemistry = $plant->start->alkMeqL !== null;
        $this->noted = [
            'displayC', 'roomC', 'displayMm', 'floorL', 'salinity', 'returnLh',
            ...$this->hasSump ? ['sumpC', 'sumpMm'] : [],
            ...$this->hasStore ? ['storeL'] : [],
            ...$this->hasChemistry ? ['alkMeqL', 'ph', 'oxygenMgL', 'calciumMgL'] : [],
        ];
        $probes = $beside = [];
        foreach ($plant->probes as $probe) {
            $place = $this->place($this->name($probe));
            if ($place === null) {
                $place = count($this->noted) + count($beside);
                $beside[] = $probe;
            }
            $probes[] = $place;
        }
        $this->probes = $probes;
        $this->beside = $beside;
        $this->count = count($this->noted) + count($beside);
    }

    /** Where it stands in what is read; null: it is not noted of this system. */
    public function place(string $noted): ?int
    {
        $place = array_search($noted, $this->noted, true);

        return $place === false ? null : $place;
    }

    /** Where the depth stands a switch goes by; null: there is none. */
    public function depth(SwitchAt $switch): ?int
    {
        return $this->place(match ($switch->in) {
            'return' => $this->hasSump ? 'sumpMm' : 'displayMm',
            'display' => 'displayMm',
            'store' => 'storeL',
            default => 'floorL',
        });
    }

    /** @return list<float> */
    public function read(State $s): array
    {
        $water = $s->display;
        $read = [$water->tempC, $s->roomC, $s->overMm, $s->floorL, $water->salinity, $s->returnLh];
        if ($this->hasSump) {
            $read[] = $s->sump->tempC;
            $read[] = $s->sumpMm;
        }
        if ($this->hasStore) {
            $read[] = $s->storeL;
        }
        if ($this->hasChemistry) {
            $read[] = $water->perL($water->alkMeq);
            $read[] = $water->ph;
            $read[] = $water->perL($water->oxygenMg);
            $read[] = $water->perL($water->caMg);
        }
        foreach ($this->beside as $probe) {
            $read[] = $this->beside($probe, $s);
        }

        return $read;
    }

    /** Under what name it is noted what a probe reads. */
    private function name(ProbeAt $probe): string
    {
        if ($probe->body === Body::Room) {
            return 'roomC';
        }
        $isInSump = $probe->body === Body::Sump && $this->hasSump;

        return match ($probe->quantity) {
            'ph' => $isInSump ? 'sump ph' : 'ph',
            'salinity' => $isInSump ? 'sump salinity' : 'salinity',
            'oxygen' => $isInSump ? 'sump oxygen' : 'oxygenMgL',
            'level' => $isInSump ? 'sumpMm' : 'displayMm',
            default => $isInSump ? 'sumpC' : 'displayC',
        };
    }

    private function beside(ProbeAt $probe, State $s): float
    {
        $water = $s->water($probe->body);

        return match ($probe->quantity) {
            'ph' => $water->ph,
            'salinity' => $water->salinity,
            default => $water->perL($water->oxygenMg),
        };
    }
}
