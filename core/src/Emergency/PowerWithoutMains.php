<?php

declare(strict_types=1);

namespace Velbrin\Core\Emergency;

use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Power\Battery;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\TimeToHarm;
use Velbrin\Core\Risk\Tonight;

/**
 * What can stand in for the mains at one system, ranked by how long it lasts with it (E-2, R-23). Each is a usual one of its kind, so that
 * they can be compared; what stands there already is the first row's business.
 */
final readonly class PowerWithoutMains
{
    /** A small stream pump, W; an air pump, W. */
    private const PUMP_W = 12.0;

    private const AIR_W = 4.0;

    private const PACK_WH = 300.0;

    private const USABLE = 0.8;

    /** A starter battery through a small inverter. */
    private const CAR_WH = 720.0;

    private const INVERTER_IDLE_W = 10.0;

    private function __construct(
        public string $code,
        public string $label,
        /** It runs for so long; null: as long as it has fuel. */
        public ?float $runsH,
        /** Until the first harm with it; null: none comes. */
        public ?float $harmH,
    ) {
    }

    /**
     * @return list<self> the longest first
     *
     * @throws OutOfRange
     */
    public static function of(Tonight $tank): array
    {
        $pumpW = $tank->batteryLoadW ?? self::PUMP_W;
        $packed = fn (float $watts): float => Battery::hours(self::PACK_WH, $watts, Battery::EFFICIENCY_DC, 0.0, self::USABLE);
        $car = Battery::hours(self::CAR_WH, $pumpW, Battery::EFFICIENCY_INVERTER, self::INVERTER_IDLE_W, Battery::CAR_USABLE);
        $all = [
            new self('nothing', 'Nothing: still water', 0.0, self::harmH($tank->with(batteryH: 0.0))),
            self::row('pump', 'A 300 Wh battery on a pump that breaks the surface', $packed($pumpW), $tank, pump: true),
            self::row('stone', 'A 300 Wh battery on an air stone', $packed(self::AIR_W), $tank, pump: false),
            self::row('car', 'A car battery and inverter on that pump, engine off', $car, $tank, pump: true),
            new self('generator', 'A generator outdoors, transfer switch by an electrician', null, null),
        ];
        if ($tank->batteryH > 0) {
            $all[] = self::row('own', 'What stands there', $tank->batteryH, $tank, pump: $tank->batteryPump);
        }
        usort($all, fn (self $a, self $b): int => ($b->harmH ?? INF) <=> ($a->harmH ?? INF));

        return $all;
    }

    private static function row(string $code, string $label, float $runsH, Tonight $tank, bool $pump): self
    {
        return new self($code, $label, $runsH, self::harmH($tank->onBattery($runsH, $pump)));
    }

    private static function harmH(Tonight $tank): ?float
    {
        return TimeToHarm::of(Hazard::PowerCut, $tank)[0]->hours ?? null;
    }
}
