<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Seawater\Conductivity;
use Velbrin\Core\Seawater\SalinityScale;

/** Units in which a reading may be written down; each converts to the parameter's own (C-1). */
enum ReadingUnit: string
{
    case Celsius = '°C';
    case Fahrenheit = '°F';
    case GramsPerKg = 'g/kg';
    case SpecificGravity = 'SG 25/25';
    case Conductivity25 = 'mS/cm at 25 °C';
    case PhUnit = 'pH';
    case Dkh = 'dKH';
    case MeqL = 'meq/L';
    case PpmCaco3 = 'ppm CaCO₃';
    case MgL = 'mg/L';
    case Ppb = 'ppb';
    case NitrateN = 'mg/L NO₃-N';
    case PhosphateP = 'mg/L PO₄-P';
    case PhosphatePpb = 'ppb P';
    case Millivolt = 'mV';
    case Ppm = 'ppm';
    case AsNamed = 'as named';

    public const DKH_PER_MEQ = 2.8;

    public const CACO3_PER_MEQ = 50.04;

    private const NITRATE_PER_N = 4.427;

    private const PHOSPHATE_PER_P = 3.066;

    /** @return non-empty-list<self> the parameter's own unit first */
    public static function for(Measured $parameter): array
    {
        return match ($parameter) {
            Parameter::Temperature => [self::Celsius, self::Fahrenheit],
            Parameter::Salinity => [self::GramsPerKg, self::SpecificGravity, self::Conductivity25],
            Parameter::Ph => [self::PhUnit],
            Parameter::Alkalinity => [self::Dkh, self::MeqL, self::PpmCaco3],
            Parameter::Nitrate => [self::MgL, self::NitrateN, self::Ppb],
            Parameter::Phosphate => [self::MgL, self::PhosphateP, self::PhosphatePpb, self::Ppb],
            Parameter::Redox => [self::Millivolt],
            Parameter::Tds => [self::Ppm],
            default => $parameter instanceof Parameter ? [self::MgL, self::Ppb] : [self::AsNamed],
        };
    }

    /**
     * The value in the parameter's own unit.
     *
     * @throws OutOfRange when the value is not finite, or a conductivity is no sea water's
     */
    public function canonical(float $value): float
    {
        Guard::finite('value', $value);

        return match ($this) {
            self::Fahrenheit => ($value - 32) / 1.8,
            self::SpecificGravity => SalinityScale::specificGravity()->core(Guard::within('value', $value, 1, 1.035)),
            self::Conductivity25 => Conductivity::salinity($value, 25),
            self::MeqL => $value * self::DKH_PER_MEQ,
            self::PpmCaco3 => ($value / self::CACO3_PER_MEQ) * self::DKH_PER_MEQ,
            self::Ppb => $value / 1000,
            self::NitrateN => $value * self::NITRATE_PER_N,
            self::PhosphateP => $value * self::PHOSPHATE_PER_P,
            self::PhosphatePpb => ($value / 1000) * self::PHOSPHATE_PER_P,
            default => $value,
        };
    }

    /** The other way: what a canonical value reads in this unit. */
    public function shown(float $canonical): float
    {
        return match ($this) {
            self::Fahrenheit => $canonical * 1.8 + 32,
            self::SpecificGravity => SalinityScale::specificGravity()->shown($canonical),
            self::Conductivity25 => Conductivity::of($canonical, 25),
            self::MeqL => $canonical / self::DKH_PER_MEQ,
            self::PpmCaco3 => ($canonical / self::DKH_PER_MEQ) * self::CACO3_PER_MEQ,
            self::Ppb => $canonical * 1000,
            self::NitrateN => $canonical / self::NITRATE_PER_N,
            self::PhosphateP => $canonical / self::PHOSPHATE_PER_P,
            self::PhosphatePpb => ($canonical / self::PHOSPHATE_PER_P) * 1000,
            default => $canonical,
        };
    }
}
