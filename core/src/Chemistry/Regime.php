<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

/** Ways of keeping the water, with the bands each starts from (C-6). Every one can be changed per system. */
enum Regime: string
{
    case Natural = 'natural';
    case Raised = 'raised';
    case LowNutrient = 'low-nutrient';
    case SoftCoral = 'soft-coral';
    case FishOnly = 'fish-only';
    case Quarantine = 'quarantine';
    case Cool = 'cool';

    public function label(): string
    {
        return match ($this) {
            self::Natural => 'natural levels',
            self::Raised => 'raised levels',
            self::LowNutrient => 'low nutrient',
            self::SoftCoral => 'soft coral and anemone',
            self::FishOnly => 'fish only',
            self::Quarantine => 'quarantine',
            self::Cool => 'seahorse, cool water',
        };
    }

    public function isStony(): bool
    {
        return in_array($this, [self::Natural, self::Raised, self::LowNutrient], true);
    }

    /**
     * Temperatures below and above which animals are lost, °C (R-21).
     *
     * @return array{0: float, 1: float}
     */
    public function harmC(): array
    {
        return $this === self::Cool ? [18.0, 27.0] : [18.0, 30.0];
    }

    /** Between its limits nothing of any regime comes to harm: whoever watches a value asks no further there. */
    public static function harmsNobodyAt(float $tempC): bool
    {
        foreach (self::cases() as $regime) {
            [$lowC, $highC] = $regime->harmC();
            if ($tempC <= $lowC || $tempC >= $highC) {
                return false;
            }
        }

        return true;
    }

    /**
     * The parameters this regime follows, with their bands; what is absent is not tracked.
     *
     * @return array<string, Band> by parameter value
     */
    public function bands(bool $settling = false): array
    {
        $alkRate = $this->isStony() ? 0.5 : 1.0;
        $fish = [
            Parameter::Temperature->value => Band::around(24, 27, 1.0),
            Parameter::Salinity->value => Band::around(30, 36, 1.0),
            Parameter::Ph->value => Band::around(7.8, 8.4, 0.2),
            Parameter::Alkalinity->value => Band::around(6, 11, 1.0),
            Parameter::Nitrate->value => Band::around(1, 50),
            Parameter::Phosphate->value => Band::around(0.02, 0.5),
        ];
        $reef = fn (
            float $alkLow,
            float $alkHigh,
            float $caLow,
            float $caHigh,
            float $mgLow,
            float $mgHigh,
            float $no3Low,
            float $no3High,
            float $po4Low,
            float $po4High,
        ): array => [
            Parameter::Temperature->value => Band::around(25, 26.5, 1.0),
            Parameter::Salinity->value => Band::around(34, 36, 1.0),
            Parameter::Ph->value => Band::around(7.9, 8.4, 0.2, 7.75, 8.55),
            Parameter::Alkalinity->value => Band::around($alkLow, $alkHigh, $alkRate),
            Parameter::Calcium->value => Band::around($caLow, $caHigh, 25),
            Parameter::Magnesium->value => Band::around($mgLow, $mgHigh, 60),
            Parameter::Nitrate->value => Band::around($no3Low, $no3High, 2),
            Parameter::Phosphate->value => Band::around($po4Low, $po4High, 0.02),
        ];
        $bands = match ($this) {
            self::Natural => $reef(7, 8.5, 400, 440, 1250, 1350, 1, 10, 0.02, 0.08),
            self::Raised => $reef(8, 9.5, 420, 470, 1300, 1420, 5, 25, 0.03, 0.1),
            // Calcium and magnesium are not stated for it; it aims at natural sea water, so natural's stand.
            self::LowNutrient => $reef(6.5, 8, 400, 440, 1250, 1350, 0.2, 2, 0.01, 0.04),
            self::SoftCoral => [
                ...$reef(6.5, 10, 380, 460, 1200, 1400, 1, 25, 0.02, 0.15),
                Parameter::Temperature->value => Band::around(24, 27, 1.0),
            ],
            self::FishOnly => $fish,
            // Free ammonia is judged from total, pH and temperature; the total alone is only followed.
            self::Quarantine => [...$fish, Parameter::Ammonia->value => Band::of(null, null, null, 0.2, null, 0.5)],
            self::Cool => [...$fish, Parameter::Temperature->value => Band::of(20, 23, 19.5, 24, 18.5, 25, 1.0)],
        };
        if ($settling) {
            foreach ([Parameter::Nitrate->value, Parameter::Phosphate->value] as $nutrient) {
                $bands[$nutrient] = $bands[$nutrient]->withUpperDoubled();
            }
        }

        return $bands;
    }
}
