<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Kind;

/** What is read on a system (C-1), with the range a reading must lie in to be believed (C-2). */
enum Parameter: string implements Measured
{
    case Temperature = 'temperature';
    case Salinity = 'salinity';
    case Ph = 'ph';
    case Alkalinity = 'alkalinity';
    case Calcium = 'calcium';
    case Magnesium = 'magnesium';
    case Nitrate = 'nitrate';
    case Phosphate = 'phosphate';
    case Ammonia = 'ammonia';
    case Nitrite = 'nitrite';
    case Potassium = 'potassium';
    case Silicate = 'silicate';
    case Redox = 'redox';
    case Oxygen = 'oxygen';
    case Tds = 'tds';

    public function key(): string
    {
        return $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::Ph => 'pH',
            self::Redox => 'Redox',
            self::Tds => 'Source TDS',
            self::Oxygen => 'Dissolved oxygen',
            self::Ammonia => 'Ammonia, total as N',
            self::Nitrite => 'Nitrite',
            default => ucfirst($this->value),
        };
    }

    public function kind(): Kind
    {
        return match ($this) {
            self::Temperature => Kind::Temperature,
            self::Salinity => Kind::Salinity,
            self::Ph => Kind::Ph,
            self::Alkalinity => Kind::Alkalinity,
            self::Redox => Kind::Redox,
            self::Tds => Kind::Tds,
            default => Kind::Concentration,
        };
    }

    /** What a difference of two values measures. */
    public function differenceKind(): Kind
    {
        return match ($this) {
            self::Temperature => Kind::TemperatureChange,
            self::Salinity => Kind::SalinityChange,
            default => $this->kind(),
        };
    }

    /** @return array{0: float, 1: float} */
    public function plausible(): array
    {
        return match ($this) {
            self::Temperature => [5, 40],
            self::Salinity => [0, 50],
            self::Ph => [6, 10],
            self::Alkalinity => [0, 30],
            self::Calcium => [0, 1000],
            self::Magnesium => [0, 3000],
            self::Nitrate => [0, 500],
            self::Phosphate => [0, 20],
            self::Ammonia, self::Nitrite => [0, 50],
            self::Potassium => [0, 1000],
            self::Silicate => [0, 100],
            self::Redox => [-500, 800],
            self::Oxygen => [0, 25],
            self::Tds => [0, 2000],
        };
    }

    /** What an ordinary kit or probe can tell apart, in the parameter's unit. */
    public function resolution(): float
    {
        return match ($this) {
            self::Temperature => 0.1,
            self::Salinity => 0.2,
            self::Ph => 0.05,
            self::Alkalinity => 0.1,
            self::Calcium => 5,
            self::Magnesium => 15,
            self::Nitrate => 0.5,
            self::Phosphate => 0.01,
            self::Ammonia => 0.05,
            self::Nitrite => 0.02,
            self::Potassium => 10,
            self::Silicate => 0.1,
            self::Redox => 5,
            self::Oxygen => 0.2,
            self::Tds => 1,
        };
    }
}
