<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Control\Programme\Hold;
use Velbrin\Core\Control\Programme\Setup;

/** Finds how far into a step the first limit is crossed, so that the step ends there. */
final readonly class Crossing
{
    /** Beyond the limit by this share of the step, so that it counts as crossed. */
    private const BEYOND = 1e-6;

    /** @var list<array{0: string, 1: float}> what is compared, and with what */
    private array $limits;

    public function __construct(Setup $setup, private PlantSpec $plant, HarmLimits $harm)
    {
        $limits = [
            ['is tempC', $harm->lowC],
            ['is tempC', $harm->highC],
            ['is ph', $harm->highPh],
            ['is oxygen', $harm->oxygenMgL],
            ['is salinity', $harm->lowSalinity],
            ['is salinity', $harm->highSalinity],
        ];
        foreach ($setup->holds() as [, $hold]) {
            array_push($limits, ...$this->around($hold));
        }
        foreach ($plant->switches as $id => $switch) {
            $limits[] = ["switch {$id}", $switch->at];
        }
        $this->limits = $limits;
    }

    /**
     * @param  array<string, float>  $was
     * @param  array<string, float>  $is
     * @return float 1: none is crossed
     */
    public function share(array $was, array $is): float
    {
        $first = 1.0;
        foreach ($this->limits as [$what, $limit]) {
            [$from, $to] = [$was[$what] ?? null, $is[$what] ?? null];
            if ($from !== null && $to !== null && ($from < $limit) !== ($to < $limit)) {
                $first = min($first, ($limit - $from) / ($to - $from) + self::BEYOND);
            }
        }

        return $first;
    }

    /** @return array<string, float> what limits are compared with */
    public function seen(State $s, Senses $senses): array
    {
        $seen = [
            'is tempC' => $s->tempC[0],
            'is ph' => $s->ph[0],
            'is oxygen' => $s->per($s->oxygenMg, 0),
            'is salinity' => $s->salinity(0),
        ];
        foreach ($s->lagged as $id => $value) {
            $seen["probe {$id}"] = $value;
        }
        foreach ($this->plant->switches as $id => $switch) {
            $seen["switch {$id}"] = $senses->depth($switch, $s);
        }

        return $seen;
    }

    /** @return list<array{0: string, 1: float}> a probe shows a limit half a step before it is there, and half a step after */
    private function around(Hold $hold): array
    {
        $half = ($this->plant->probes[$hold->probe]->resolution ?? 0.0) / 2;
        $what = "probe {$hold->probe}";

        return [
            [$what, $hold->startAt - $half],
            [$what, $hold->startAt + $half],
            [$what, $hold->stopAt - $half],
            [$what, $hold->stopAt + $half],
        ];
    }
}
