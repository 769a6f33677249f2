<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/**
 * Units people write behind a number whatever unit they read in: “4.5 m”, “55 in”, “12 gal”. Exact definitions; see Units.
 */
final class WrittenUnits
{
    private const INCH_MM = 25.4;

    private const FOOT_MM = 304.8;

    private const GALLON_L = 3.785411784;

    private const POUND_KG = 0.45359237;

    /** @return array<string, array<string, array{factor: float, offset: float}>> core = written × factor + offset, by kind and by word */
    public static function all(): array
    {
        $flow = [
            'l/h' => 1.0,
            'lph' => 1.0,
            'l/min' => 60.0,
            'm³/h' => 1000.0,
            'm3/h' => 1000.0,
            'gal/h' => self::GALLON_L,
            'gph' => self::GALLON_L,
        ];

        return [
            Kind::Length->value => self::times([
                'mm' => 1.0,
                'cm' => 10.0,
                'm' => 1000.0,
                'in' => self::INCH_MM,
                'inch' => self::INCH_MM,
                '"' => self::INCH_MM,
                '″' => self::INCH_MM,
                'ft' => self::FOOT_MM,
                'feet' => self::FOOT_MM,
                "'" => self::FOOT_MM,
                '′' => self::FOOT_MM,
            ]),
            Kind::Height->value => self::times([
                'm' => 1.0,
                'cm' => 0.01,
                'mm' => 0.001,
                'ft' => self::FOOT_MM / 1000,
                'feet' => self::FOOT_MM / 1000,
                "'" => self::FOOT_MM / 1000,
                'in' => self::INCH_MM / 1000,
                '"' => self::INCH_MM / 1000,
            ]),
            Kind::Area->value => self::times([
                'm²' => 1.0,
                'm2' => 1.0,
                'cm²' => 1e-4,
                'cm2' => 1e-4,
                'ft²' => (self::FOOT_MM / 1000) ** 2,
                'ft2' => (self::FOOT_MM / 1000) ** 2,
            ]),
            Kind::Volume->value => self::times([
                'l' => 1.0,
                'litres' => 1.0,
                'liters' => 1.0,
                'ml' => 0.001,
                'm³' => 1000.0,
                'm3' => 1000.0,
                'gal' => self::GALLON_L,
            ]),
            Kind::Mass->value => self::times([
                'kg' => 1.0,
                'g' => 0.001,
                't' => 1000.0,
                'lb' => self::POUND_KG,
                'lbs' => self::POUND_KG,
            ]),
            Kind::Temperature->value => [
                '°c' => ['factor' => 1.0, 'offset' => 0.0],
                'c' => ['factor' => 1.0, 'offset' => 0.0],
                '°f' => ['factor' => 5 / 9, 'offset' => -160 / 9],
                'f' => ['factor' => 5 / 9, 'offset' => -160 / 9],
            ],
            Kind::Flow->value => self::times($flow),
            Kind::Power->value => self::times(['w' => 1.0, 'kw' => 1000.0]),
            Kind::Minutes->value => self::times(['min' => 1.0, 'h' => 60.0, 's' => 1 / 60]),
            Kind::Hours->value => self::times(['h' => 1.0, 'min' => 1 / 60, 'days' => 24.0, 'd' => 24.0]),
            Kind::Percent->value => self::times(['%' => 1.0]),
        ];
    }

    /**
     * @param  array<string, float>  $factors
     * @return array<string, array{factor: float, offset: float}>
     */
    private static function times(array $factors): array
    {
        return array_map(fn (float $factor): array => ['factor' => $factor, 'offset' => 0.0], $factors);
    }
}
