<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** How far one change with water of a mix moves alkalinity, calcium and magnesium (W-30, W-53). */
final readonly class MixJump
{
    private const MIXED_AT = 35.0;

    private function __construct(
        public Parameter $parameter,
        public float $before,
        public float $after,
        /** The most it may move in a day; null: no rate is set. */
        public ?float $mayMove,
    ) {
    }

    /**
     * @param  float  $share  of the water that is changed, 0 to 1
     * @param  float  $salinity  of the new water, g/kg
     * @param  array<string, float|null>  $tank  by parameter value; null: not read lately
     * @param  array<string, float|null>  $mix  of the mix's water at 35 g/kg; null: not known
     * @param  array<string, float|null>  $mayMove  in a day
     * @return list<self> for what is known of both
     *
     * @throws OutOfRange
     */
    public static function of(float $share, float $salinity, array $tank, array $mix, array $mayMove): array
    {
        Guard::within('share', $share, 0, 1);
        Guard::within('salinity', $salinity, 0, 50);
        $jumps = [];
        foreach ([Parameter::Alkalinity, Parameter::Calcium, Parameter::Magnesium] as $parameter) {
            $key = $parameter->value;
            [$before, $fresh] = [$tank[$key] ?? null, $mix[$key] ?? null];
            if ($before !== null && $fresh !== null) {
                $after = $before + $share * (($fresh * $salinity) / self::MIXED_AT - $before);
                $jumps[] = new self($parameter, $before, $after, $mayMove[$key] ?? null);
            }
        }

        return $jumps;
    }

    public function byHowMuch(): float
    {
        return abs($this->after - $this->before);
    }

    public function isTooFar(): bool
    {
        return $this->mayMove !== null && $this->byHowMuch() > $this->mayMove + 1e-9;
    }
}
