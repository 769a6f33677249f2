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

    /** Where the display’s own values stand in what is compared; probes and switches follow. */
    private const TEMP_C = 0;

    private const PH = 1;

    private const OXYGEN = 2;

    private const SALINITY = 3;

    /** @var list<array{0: int, 1: float}> what is compared, and with what */
    private array $limits;

    public function __construct(Setup $setup, private PlantSpec $plant, HarmLimits $harm)
    {
        $limits = [
            [self::TEMP_C, $harm->lowC],
            [self::TEMP_C, $harm->highC],
            [self::PH, $harm->highPh],
            [self::OXYGEN, $harm->oxygenMgL],
            [self::SALINITY, $harm->lowSalinity],
            [self::SALINITY, $harm->highSalinity],
        ];
        $places = array_flip(array_keys($plant->probes));
        foreach ($setup->holds() as [, $hold]) {
            if (isset($places[$hold->probe])) {
                array_push($limits, ...$this->around($hold, self::SALINITY + 1 + $places[$hold->probe]));
            }
        }
        $place = self::SALINITY + 1 + count($plant->probes);
        foreach ($plant->switches as $switch) {
            $limits[] = [$place++, $switch->at];
        }
        $this->limits = $limits;
    }

    /**
     * @param  list<float>  $was
     * @param  list<float>  $is
     * @return float 1: none is crossed
     */
    public function share(array $was, array $is): float
    {
        $first = 1.0;
        foreach ($this->limits as [$what, $limit]) {
            $from = $was[$what];
            $to = $is[$what];
            if (($from < $limit) !== ($to < $limit)) {
                $first = min($first, ($limit - $from) / ($to - $from) + self::BEYOND);
            }
        }

        return $first;
    }

    /** @return list<float> what limits are compared with */
    public function seen(State $s, Senses $senses): array
    {
        $seen = [$s->tempC[0], $s->ph[0], $s->per($s->oxygenMg, 0), $s->salinity(0)];
        foreach ($this->plant->probes as $id => $probe) {
            $seen[] = $s->lagged[$id];
        }
        foreach ($this->plant->switches as $switch) {
            $seen[] = $senses->depth($switch, $s);
        }

        return $seen;
    }

    /**
     * A probe shows a limit half a step before it is there, and half a step after.
     *
     * @return list<array{0: int, 1: float}>
     */
    private function around(Hold $hold, int $what): array
    {
        $half = $this->plant->probes[$hold->probe]->resolution / 2;

        return [
            [$what, $hold->startAt - $half],
            [$what, $hold->startAt + $half],
            [$what, $hold->stopAt - $half],
            [$what, $hold->stopAt + $half],
        ];
    }
}
