<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** What probes and switches say of the water, with their lag, their step and what is wrong with them. */
final class Senses
{
    /** A probe follows within this time, s. */
    private const LAG_S = 30.0;

    /** Finer than any probe reads. */
    private const DIGITS = 9;

    /** @var array<string, float> where a frozen probe stopped */
    private array $frozen = [];

    private int $seed;

    private readonly bool $isNoisy;

    /** A step of so long, s. */
    private float $forS = 0.0;

    /** In it a probe follows by this share. */
    private float $share = 0.0;

    public function __construct(private readonly PlantSpec $plant, int $seed = 1)
    {
        $this->seed = $seed;
        $this->isNoisy = array_filter($plant->probes, fn (ProbeAt $p): bool => $p->noise > 0) !== [];
    }

    /** One of them never reads the same twice. */
    public function isNoisy(): bool
    {
        return $this->isNoisy;
    }

    /** Probes follow what is there. */
    public function follow(State $s, float $seconds): void
    {
        if ($seconds !== $this->forS) {
            [$this->forS, $this->share] = [$seconds, 1 - exp(-$seconds / self::LAG_S)];
        }
        foreach ($this->plant->probes as $id => $probe) {
            $is = $this->value($probe, $s);
            $was = $s->lagged[$id] ?? $is;
            $s->lagged[$id] = $was + $this->share * ($is - $was);
        }
    }

    /** @return array<string, float|null> */
    public function probes(State $s, Broken $broken): array
    {
        $read = [];
        foreach ($this->plant->probes as $id => $probe) {
            $value = $s->lagged[$id] ?? $this->value($probe, $s);
            $value += $probe->noise > 0 ? $this->noise($probe) : 0.0;
            // As it is written: 26.4, and not 2e-15 more, or a limit of 26.4 is passed by what is at it.
            $read[$id] = round(round($value / $probe->resolution) * $probe->resolution, self::DIGITS);
        }
        if ($broken->faults === []) {
            $this->frozen = [];

            return $read;
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
        if ($probe->body === Body::Room) {
            return $s->roomC;
        }
        $water = $s->water($probe->body);

        return match ($probe->quantity) {
            'ph' => $water->ph,
            'salinity' => $water->salinity(),
            'oxygen' => $water->perL($water->oxygenMg),
            'level' => $water === $s->sump ? $s->sumpMm() : $s->overMm,
            default => $water->tempC,
        };
    }

    /** The same for the same seed: three even numbers make one that is nearly normal. */
    private function noise(ProbeAt $probe): float
    {
        $sum = 0.0;
        for ($n = 0; $n < 3; $n++) {
            $this->seed = ($this->seed * 1_103_515_245 + 12_345) % 2_147_483_648;
            $sum += $this->seed / 2_147_483_648 - 0.5;
        }

        return 2 * $sum * $probe->noise;
    }
}
