<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A mixing station as it stands now (W-50). */
final readonly class Station
{
    /** @param  non-empty-list<float>  $vesselsL */
    private function __construct(
        public float $roRatedLd,
        public float $feedC,
        public float $roStoredL,
        public float $roTankL,
        public array $vesselsL,
        public float $heatW,
        public float $targetC,
        public float $efficiency,
        public float $flushH,
        public float $fillH,
        public float $testH,
        public float $loadH,
    ) {
    }

    /**
     * @param  float  $roRatedLd  at 25 °C
     * @param  float  $feedC  the water starts at that temperature
     * @param  float  $roStoredL  RO water standing, its reserve included
     * @param  non-empty-list<float>  $vesselsL  mixing vessels
     *
     * @throws OutOfRange
     */
    public static function of(
        float $roRatedLd,
        float $feedC,
        float $roStoredL,
        float $roTankL,
        array $vesselsL,
        float $heatW,
        float $targetC,
        float $efficiency = 0.9,
        float $flushMin = 10,
        float $fillMin = 15,
        float $testMin = 15,
        float $loadMin = 20,
    ): self {
        foreach ($vesselsL as $litres) {
            Guard::positive('vesselsL', $litres);
        }
        Guard::within('roStoredL', $roStoredL, 0, Guard::positive('roTankL', $roTankL));
        Guard::notNegative('heatW', $heatW);
        Guard::within('targetC', $targetC, 5, 35);
        if (! is_finite($efficiency) || $efficiency <= 0 || $efficiency > 1) {
            throw OutOfRange::number('efficiency', $efficiency, Phrase::MoreThan0AndAtMost);
        }
        foreach (
            ['flushMin' => $flushMin, 'fillMin' => $fillMin, 'testMin' => $testMin, 'loadMin' => $loadMin] as $field => $minutes
        ) {
            Guard::notNegative($field, $minutes);
        }
        if ($heatW <= 0.0 && $feedC < $targetC) {
            throw OutOfRange::number('heatW', $heatW, Phrase::MoreThan0WhenTheWater);
        }

        return new self(
            roRatedLd: Guard::positive('roRatedLd', $roRatedLd),
            feedC: Guard::within('feedC', $feedC, 1, 35),
            roStoredL: $roStoredL,
            roTankL: $roTankL,
            vesselsL: $vesselsL,
            heatW: $heatW,
            targetC: $targetC,
            efficiency: $efficiency,
            flushH: $flushMin / 60,
            fillH: $fillMin / 60,
            testH: $testMin / 60,
            loadH: $loadMin / 60,
        );
    }

    public function roLh(): float
    {
        return RoOutput::litresPerDay($this->roRatedLd, $this->feedC) / 24;
    }

    public function largestL(): float
    {
        return max($this->vesselsL);
    }

    /**
     * The same station with something else in it.
     *
     * @param  non-empty-list<float>|null  $vesselsL
     */
    public function with(
        ?float $roRatedLd = null,
        ?float $roTankL = null,
        ?float $heatW = null,
        ?array $vesselsL = null,
    ): self {
        return new self(
            roRatedLd: $roRatedLd ?? $this->roRatedLd,
            feedC: $this->feedC,
            roStoredL: $this->roStoredL,
            roTankL: $roTankL ?? $this->roTankL,
            vesselsL: $vesselsL ?? $this->vesselsL,
            heatW: $heatW ?? $this->heatW,
            targetC: $this->targetC,
            efficiency: $this->efficiency,
            flushH: $this->flushH,
            fillH: $this->fillH,
            testH: $this->testH,
            loadH: $this->loadH,
        );
    }
}
