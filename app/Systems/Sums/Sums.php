<?php

declare(strict_types=1);

namespace App\Systems\Sums;

/** The sums a system's page offers, by key. */
final class Sums
{
    /** @var array<string, class-string<Sum>> */
    public const ALL = [
        'salinity' => ReadSalinity::class,
        'move' => MoveSalinity::class,
        'fill-up' => FillUp::class,
        'top-off' => TopOffAway::class,
        'sand' => SandToBring::class,
        'volume-salt' => VolumeBySalt::class,
        'volume-flow' => VolumeByFlow::class,
        'heat-loss' => HeatLoss::class,
        'cooling-curve' => CoolingCurve::class,
    ];

    public static function find(string $key): Sum
    {
        return new (self::ALL[$key] ?? self::ALL[array_key_first(self::ALL)]);
    }
}
