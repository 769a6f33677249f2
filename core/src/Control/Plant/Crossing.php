<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Control\Programme\Limit;
use Velbrin\Core\Control\Programme\Outlet;
use Velbrin\Core\Control\Programme\Rule;
use Velbrin\Core\Control\Programme\Setup;

/** Finds how far into a step the first limit is crossed, so that the step ends there. */
final class Crossing
{
    /** Beyond the limit by this share of the step, so that it counts as crossed. */
    private const BEYOND = 1e-6;

    /** A limit so near to a step of the probe is one. */
    private const NEAR_STEP = 1e-6;

    /** @var list<array{what: int, at: float, rises: bool, falls: bool}> what is compared, with what, and which way something turns */
    private array $limits = [];

    /** @var list<int> what has a limit */
    private readonly array $watched;

    /** @var array<int, float> the last limit at or below each value, as it was last settled */
    private array $from = [];

    /** @var array<int, float> the first limit above it */
    private array $to = [];

    public function __construct(Setup $setup, PlantSpec $plant, HarmLimits $harm, Gauge $gauge)
    {
        foreach ([
            ['displayC', Limit::beyond($harm->lowC)->falling()],
            ['displayC', Limit::from($harm->highC)->rising()],
            ['ph', Limit::from($harm->highPh)->rising()],
            ['oxygenMgL', Limit::beyond($harm->oxygenMgL)->falling()],
            ['salinity', Limit::beyond($harm->lowSalinity)->falling()],
            ['salinity', Limit::from($harm->highSalinity)->rising()],
        ] as [$noted, $limit]) {
            $this->watch($gauge->place($noted), $limit->at, $limit);
        }
        $places = array_flip(array_keys($plant->probes));
        foreach (self::compared($setup) as $probe => $with) {
            foreach (isset($places[$probe]) ? $with : [] as $limit) {
                $this->watch($gauge->count + $places[$probe], self::edge($limit, $plant->probes[$probe]->resolution), $limit);
            }
        }
        foreach ($plant->switches as $switch) {
            $this->watch($gauge->depth($switch), $switch->at, Limit::from($switch->at));
        }
        $this->watched = array_values(array_unique(array_column($this->limits, 'what')));
    }

    /**
     * @param  int|null  $what  where it stands in what is read; null: it is not there
     * @param  float  $at  where that passes the limit
     */
    private function watch(?int $what, float $at, Limit $limit): void
    {
        if ($what === null) {
            return;
        }
        $this->limits[] = ['what' => $what, 'at' => $at, 'rises' => $limit->turnsRising, 'falls' => $limit->turnsFalling];
    }

    /**
     * @param  list<float>  $was  as it was last settled
     * @param  list<float>  $is
     * @return float 1: none is crossed
     */
    public function share(array $was, array $is): float
    {
        foreach ($this->from as $what => $from) {
            $value = $is[$what];
            if ($value < $from || $value >= $this->to[$what]) {
                $share = $this->first($was, $is);
                if ($share >= 1.0) {
                    $this->settle($is);
                }

                return $share;
            }
        }

        return 1.0;
    }

    /**
     * Between which limits each value stands.
     *
     * @param  list<float>  $is
     */
    public function settle(array $is): void
    {
        $this->from = array_fill_keys($this->watched, -INF);
        $this->to = array_fill_keys($this->watched, INF);
        foreach ($this->limits as ['what' => $what, 'at' => $limit]) {
            if ($limit <= $is[$what]) {
                $this->from[$what] = max($limit, $this->from[$what]);
            } else {
                $this->to[$what] = min($limit, $this->to[$what]);
            }
        }
    }

    /**
     * @param  list<float>  $was
     * @param  list<float>  $is
     */
    private function first(array $was, array $is): float
    {
        $first = 1.0;
        foreach ($this->limits as ['what' => $what, 'at' => $limit, 'rises' => $rises, 'falls' => $falls]) {
            $from = $was[$what];
            $to = $is[$what];
            if (($rises && $from < $limit && $to >= $limit) || ($falls && $from >= $limit && $to < $limit)) {
                $first = min($first, ($limit - $from) / ($to - $from) + self::BEYOND);
            }
        }

        return $first;
    }

    /** @return array<string, list<Limit>> what rules, guards and alarms compare the reading of each probe with */
    private static function compared(Setup $setup): array
    {
        $rules = array_map(fn (Outlet $o): Rule => $o->rule, $setup->programme->outlets);
        $all = [];
        foreach ([...$rules, ...$setup->programme->guards, ...$setup->alarms] as $one) {
            foreach ($one->limits() as $probe => $limits) {
                $all[$probe] = [...$all[$probe] ?? [], ...$limits];
            }
        }

        return $all;
    }

    /** Where the reading of a probe with such a step passes a limit: between the step at the limit and that on its other side. */
    private static function edge(Limit $limit, float $resolution): float
    {
        $steps = $limit->at / $resolution;
        $whole = round($steps);
        $isStep = abs($steps - $whole) < self::NEAR_STEP;

        return ($isStep && $limit->isAbove ? $whole - 0.5 : floor($isStep ? $whole : $steps) + 0.5) * $resolution;
    }
}
