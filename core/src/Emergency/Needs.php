<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Outage;
use Velbrin\Core\Risk\Tonight;

/** What has to stand ready for one system, with amounts of its own (E-1, W-59). */
final class Needs
{
    /** What each is called, what it is counted in, and what it is for where it stops no harm by itself. */
    public const CODES = [
        'air' => ['label' => 'Air without mains: battery pumps at the surface', 'unit' => 'pieces'],
        'power' => ['label' => 'Generator or inverter, with fuel and leads', 'unit' => 'pieces', 'for' => 'mains that stay away'],
        'heat' => ['label' => 'A spare heater that holds it above harm', 'unit' => 'W'],
        'water' => ['label' => 'Salt water, mixed and warm', 'unit' => 'L'],
        'salt' => ['label' => 'Salt for as much again', 'unit' => 'kg', 'for' => 'a second change'],
        'ro' => ['label' => 'RO water for as much again', 'unit' => 'L', 'for' => 'a second change'],
        'filter' => ['label' => 'Fresh filter cartridges and carbon', 'unit' => 'pieces', 'for' => 'what was dosed or died'],
        'holding' => ['label' => 'Boxes that keep heat, with air', 'unit' => 'L'],
        'hides' => ['label' => 'Pipes or rock to hide behind in the boxes', 'unit' => 'pieces', 'for' => 'fish in boxes'],
        'flow' => ['label' => 'A spare return, hose, fuses', 'unit' => 'pieces'],
        'floor' => ['label' => 'Towels, wet vacuum', 'unit' => 'pieces'],
    ];

    /** Of its water, mixed and warm, as long as nobody chose another share (W-59). */
    public const WATER_SHARE = 0.25;

    /** L of box for a kilogram of fish, with air. */
    private const BOX_L_KG = 40.0;

    private const LEAST_BOX_L = 40.0;

    /** Of dry salt that a litre of sea water takes, its crystal water and spill counted. */
    private const SALT_KG_L = 0.038;

    /**
     * @param  float|null  $waterShare  the emergency share chosen for it
     * @return list<array{code: string, label: string, amount: float, unit: string, serves: list<Hazard>, for: string|null}>
     *
     * @throws OutOfRange
     */
    public static function of(Tonight $cold, ?float $waterShare = null): array
    {
        $needs = [];
        if ($cold->hasAnimals) {
            $needs[] = self::need('air', self::pumps($cold), Hazard::PowerCut);
            $needs[] = self::need(
                'heat',
                max(0.0, ceil($cold->heat->lossW($cold->lowC, $cold->roomC))),
                Hazard::HeaterStuckOff,
                Hazard::TooCold,
            );
            $boxesL = self::boxesL($cold->fishKg ?? $cold->volumeL / 1000);
            // The largest of its share and what its boxes take (W-59).
            $waterL = ceil(max(($waterShare ?? self::WATER_SHARE) * $cold->volumeL, $boxesL));
            $needs[] = self::need('power', 1);
            $needs[] = self::need('water', $waterL, Hazard::Overdose, Hazard::Ammonia);
            $needs[] = self::need('salt', ceil(self::SALT_KG_L * $waterL));
            $needs[] = self::need('ro', $waterL);
            $needs[] = self::need('filter', 1);
            $needs[] = self::need('holding', ceil($boxesL), Hazard::Leak);
            $needs[] = self::need('hides', ceil($boxesL / self::LEAST_BOX_L));
        }
        $needs[] = self::need('flow', 1, Hazard::ReturnDead, Hazard::DrainBlocked);
        $needs[] = self::need(
            'floor',
            1,
            Hazard::TopOffOn,
            Hazard::LineOverflow,
            Hazard::SkimmerOverflow,
        );

        return array_values(array_filter($needs, fn (array $n): bool => $n['amount'] > 0));
    }

    /** Litres of box its fish are held in. */
    public static function boxesL(float $fishKg): float
    {
        return max(self::LEAST_BOX_L, self::BOX_L_KG * $fishKg);
    }

    /** Pumps that break the surface enough for what breathes; one at least. */
    private static function pumps(Tonight $tank): float
    {
        $one = Outage::PUMP_MH * Outage::surfaceM2($tank);
        $needed = Outage::neededExchangeM3H($tank);

        return $needed <= $one ? 1.0 : 2.0;
    }

    /** @return array{code: string, label: string, amount: float, unit: string, serves: list<Hazard>, for: string|null} */
    private static function need(string $code, float $amount, Hazard ...$serves): array
    {
        return ['code' => $code, 'for' => null, ...self::CODES[$code], 'amount' => $amount, 'serves' => array_values($serves)];
    }
}
