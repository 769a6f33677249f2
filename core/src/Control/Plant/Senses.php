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

    /** @var array<string, int|null> by switch, where its depth stands in what is read */
    private readonly array $depths;

    /** Where the air stands in it. */
    private readonly int $roomC;

    /** A step of so long, s. */
    private float $forS = 0.0;

    /** In it a probe follows by this share. */
    private float $share = 0.0;

    public function __construct(private readonly PlantSpec $plant, private readonly Gauge $gauge, int $seed = 1)
    {
        $this->seed = $seed;
        $this->isNoisy = array_filter($plant->probes, fn (ProbeAt $p): bool => $p->noise > 0) !== [];
        $this->depths = array_map($gauge->depth(...), $plant->switches);
        $this->roomC = (int) $gauge->place('roomC');
    }

    /** One of them never reads the same twice. */
    public function isNoisy(): bool
    {
        return $this->isNoisy;
    }

    /**
     * At first each probe has come to what it stands in.
     *
     * @param  list<float>  $read
     * @return list<float> what is read, and after it what each probe has come to
     */
    public function begun(array $read): array
    {
        foreach ($this->gauge->probes as $place) {
            $read[] = $read[$place];
        }

        return $read;
    }

    /**
     * Probes follow what is there.
     *
     * @param  list<float>  $was  what was read before, and what each probe had come to
     * @param  list<float>  $read  what is read now
     * @return list<float> and after it what each probe has come to
     */
    public function follow(array $was, array $read, float $seconds): array
    {
        if ($seconds !== $this->forS) {
            [$this->forS, $this->share] = [$seconds, 1 - exp(-$seconds / self::LAG_S)];
        }
        $n = $this->gauge->count;
        foreach ($this->gauge->probes as $place) {
            $came = $was[$n++];
            $read[] = $came + $this->share * ($read[$place] - $came);
        }

        return $read;
    }

    /**
     * @param  list<float>  $seen  what is read, and what each probe has come to
     * @return array<string, float|null>
     */
    public function probes(array $seen, Broken $broken): array
    {
        $read = [];
        $n = $this->gauge->count;
        foreach ($this->plant->probes as $id => $probe) {
            $value = $seen[$n++] + ($probe->noise > 0 ? $this->noise($probe) : 0.0);
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
                FaultKind::ProbeDry => $this->plant->probes[$id]->quantity === 'temperature' ? $seen[$this->roomC] : 0.0,
                default => null,
            };
        }
        $this->frozen = array_intersect_key($this->frozen, $isFrozen);

        return $read;
    }

    /**
     * @param  list<float>  $seen  what is read
     * @return array<string, bool>
     */
    public function switches(array $seen, Broken $broken): array
    {
        $read = [];
        foreach ($this->plant->switches as $id => $switch) {
            $place = $this->depths[$id];
            $read[$id] = ($place === null ? 0.0 : $seen[$place]) >= $switch->at;
        }
        foreach ($broken->faults as $fault) {
            if ($fault->kind === FaultKind::SwitchStuck && isset($read[$fault->of ?? ''])) {
                $read[$fault->of ?? ''] = $fault->value > 0;
            }
        }

        return $read;
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
