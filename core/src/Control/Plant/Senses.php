<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** What probes and switches say of the water, with their lag, their step and what is wrong with them. */
final class Senses
{
    /** A probe follows within this time, s. */
    private const LAG_S = 30.0;

    /** @var array<string, float> where a frozen probe stopped */
    private array $frozen = [];

    private int $seed;

    public function __construct(private readonly PlantSpec $plant, int $seed = 1)
    {
        $this->seed = $seed;
    }

    /** Probes follow what is there. */
    public function follow(State $s, float $seconds): void
    {
        $share = 1 - exp(-$seconds / self::LAG_S);
        foreach ($this->plant->probes as $id => $probe) {
            $is = $this->value($probe, $s);
            $s->lagged[$id] = isset($s->lagged[$id]) ? $s->lagged[$id] + $share * ($is - $s->lagged[$id]) : $is;
        }
    }

    /** @return array<string, float|null> */
    public function probes(State $s, Broken $broken): array
    {
        $read = [];
        foreach ($this->plant->probes as $id => $probe) {
            $value = $s->lagged[$id] ?? $this->value($probe, $s);
            $value = round(($value + $this->noise($probe)) / $probe->resolution) * $probe->resolution;
            $read[$id] = $value;
        }
        $isFrozen = [];
        foreach ($broken->faults as $fault) {
            $id = $fault->of ?? '';
            if (! array_key_exists($id, $read) || $fault->kind->sitsOn() !== 'probe') {
                continue;
            }
            $isFrozen += $fault->kind === FaultKind::ProbeFrozen ? [$id => true] : [];
            $read[$id] = match ($fault->kind) {
                FaultKind::ProbeDrift => ($read[$id] ?? 0.0) + $fault->value,
                FaultKind::ProbeFrozen => $this->frozen[$id] ??= (float) $read[$id],
                FaultKind::ProbeDry => $this->plant->probes[$id]->quantity === 'temperature' ? $s->roomC : 0.0,
                default => null,
            };
        }
        $this->frozen = array_intersect_key($this->frozen, $isFrozen);

        return $read;
    }

    /** @return array<string, bool> */
    public function switches(State $s, Broken $broken): array
    {
        $read = [];
        foreach ($this->plant->switches as $id => $switch) {
            $read[$id] = $this->depth($switch, $s) >= $switch->at;
        }
        foreach ($broken->faults as $fault) {
            if ($fault->kind === FaultKind::SwitchStuck && isset($read[$fault->of ?? ''])) {
                $read[$fault->of ?? ''] = $fault->value > 0;
            }
        }

        return $read;
    }

    public function depth(SwitchAt $switch, State $s): float
    {
        return match ($switch->in) {
            'return' => $s->sumpMm(),
            'display' => $s->overMm,
            'store' => $s->storeL,
            default => $s->floorL,
        };
    }

    private function value(ProbeAt $probe, State $s): float
    {
        $body = $probe->body === Body::Sump && $this->plant->sump !== null ? 1 : 0;
        if ($probe->body === Body::Room) {
            return $s->roomC;
        }

        return match ($probe->quantity) {
            'ph' => $s->ph[$body],
            'salinity' => $s->salinity($body),
            'oxygen' => $s->per($s->oxygenMg, $body),
            'level' => $body === 1 ? $s->sumpMm() : $s->overMm,
            default => $s->tempC[$body],
        };
    }

    /** The same for the same seed: three even numbers make one that is nearly normal. */
    private function noise(ProbeAt $probe): float
    {
        if ($probe->noise <= 0) {
            return 0.0;
        }
        $sum = 0.0;
        for ($n = 0; $n < 3; $n++) {
            $this->seed = ($this->seed * 1_103_515_245 + 12_345) % 2_147_483_648;
            $sum += $this->seed / 2_147_483_648 - 0.5;
        }

        return 2 * $sum * $probe->noise;
    }
}
