<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** What a number measures. The value names the unit the core computes in. */
enum Kind: string
{
    case Length = 'mm';
    case Height = 'm';
    case Area = 'm2';
    case Volume = 'L';
    case Mass = 'kg';
    case Temperature = 'degC';
    case TemperatureChange = 'K';
    case Flow = 'L/h';
    case DailyVolume = 'L/d';
    case Power = 'W';
    case Energy = 'kWh';
    case Current = 'A';
    case Conductance = 'W/K';
    case Pressure = 'kPa';
    case Stress = 'MPa';
    case Speed = 'm/s';
    case Seconds = 's';
    case Minutes = 'min';
    case Hours = 'h';
    case Days = 'd';
    case Percent = '%';
    case Factor = 'x';
    case Turnover = '/h';
    case Salinity = 'g/kg';
    case SalinityChange = 'g/kg difference';
    case Alkalinity = 'dKH';
    case Concentration = 'mg/L';
    case Ph = 'pH';
    case Redox = 'mV';
    case Tds = 'ppm';
    case Density = 'kg/m3';
    case SpecificGravity = 'SG';
    case Par = 'µmol/m²/s';
    case DailyLight = 'mol/m²/d';
    case Count = 'count';
    /** A number whose unit stands in its name. */
    case Custom = 'custom';
}
