<?php

declare(strict_types=1);

namespace Velbrin\Core\Heat;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Working;

/**
 * A system's heat loss as it is, from a steady day or more instead of the model (B-76):
 * UA = (heater W × duty + other heat − evaporation·Y/86.4)/(T − T_room).
 */
final readonly class MeasuredLoss
{
    public const LEAST_HOURS = 24.0;

    private const LEAST_COOLING_HOURS = 2.0;

    private const LEAST_FALL_K = 0.5;

    /** Sea water near 25 °C and 35 g/kg. */
    private const KG_L = 1.024;

    private const KJ_KG_K = 3.99;

    private const LEAST_DIFFERENCE_K = 2.0;

    /** What two thermometers cannot tell apart, together, K. */
    private const THERMOMETERS_K = 0.2;

    private function __construct(public float $uaWK, public float $uncertainWK, public Working $working)
    {
    }

    /**
     * @param  float  $hours  the water stood steady for, at least 24
     * @param  float  $dutyPct  of the time the heaters were on
     * @param  float  $evaporationLd  topped up a day
     *
     * @throws OutOfRange when the day was too short, or room and water too alike to tell
     */
    public static function of(
        float $hours,
        float $heaterW,
        float $dutyPct,
        float $otherW,
        float $evaporationLd,
        float $tempC,
        float $roomC,
    ): self {
        if ($hours < self::LEAST_HOURS) {
            throw OutOfRange::number('hours', $hours, Phrase::AtLeast, ['leastHours' => Quantity::of(self::LEAST_HOURS, Kind::Hours)]);
        }
        Guard::notNegative('heaterW', $heaterW);
        Guard::within('dutyPct', $dutyPct, 0, 100);
        Guard::notNegative('otherW', $otherW);
        Guard::notNegative('evaporationLd', $evaporationLd);
        $difference = Guard::within('tempC', $tempC, 0, 45) - $roomC;
        if ($difference < self::LEAST_DIFFERENCE_K) {
            throw OutOfRange::number(
                'roomC',
                $roomC,
                Phrase::AtMostASmallerDifferenceSays,
                [
                    'limit' => Quantity::of($tempC - self::LEAST_DIFFERENCE_K, Kind::Temperature),
                ],
            );
        }
        $carried = ($evaporationLd * Evaporation::heatKjKg($tempC)) / 86.4;
        $through = ($heaterW * $dutyPct) / 100 + $otherW - $carried;
        if ($through <= 0) {
            throw OutOfRange::number(
                'evaporationLd',
                $evaporationLd,
                Phrase::LessThanItWouldCarryOff,
                [
                    'limit' => Quantity::of(
                        ((($heaterW * $dutyPct) / 100 + $otherW) * 86.4) / Evaporation::heatKjKg($tempC),
                        Kind::DailyVolume,
                    ),
                ],
            );
        }
        $ua = $through / $difference;

        return new self(
            $ua,
            ($ua * self::THERMOMETERS_K) / $difference,
            Working::of(
                'Measured heat loss',
                '(P*d/100 + o - e*(2500.9 - 2.365*T)/86.4)/(T - R)',
                [
                    ['P', 'Heaters, together', $heaterW, Kind::Power],
                    ['d', 'On, of the time', $dutyPct, Kind::Percent],
                    ['o', 'Other heat in the water', $otherW, Kind::Power],
                    ['e', 'Topped up', $evaporationLd, Kind::DailyVolume],
                    ['T', 'Water', $tempC, Kind::Temperature],
                    ['R', 'Room', $roomC, Kind::Temperature],
                ],
                Quantity::of($ua, Kind::Conductance),
                'B-76',
            ),
        );
    }

    /**
     * From a cooling curve: heaters off, the water falls from one reading to the next (B-76, Newton’s law of cooling). The difference to
     * the room is the logarithmic mean of both; exact where little else heats or evaporates.
     *
     * @param  float  $volumeL  of all the water
     * @param  float  $hours  between the readings, at least 2
     * @param  float  $otherW  pumps and light in the water meanwhile
     * @param  float  $evaporationLd  as topped up a day
     *
     * @throws OutOfRange when it did not fall, or room and water are too alike to tell
     */
    public static function fromCooling(
        float $volumeL,
        float $hours,
        float $fromC,
        float $toC,
        float $roomC,
        float $otherW = 0,
        float $evaporationLd = 0,
    ): self {
        Guard::positive('volumeL', $volumeL);
        if ($hours < self::LEAST_COOLING_HOURS) {
            throw OutOfRange::number(
                'hours',
                $hours,
                Phrase::AtLeast2,
                ['leastCoolingHours' => Quantity::of(self::LEAST_COOLING_HOURS, Kind::Hours)],
            );
        }
        Guard::within('fromC', $fromC, 0, 45);
        Guard::notNegative('otherW', $otherW);
        Guard::notNegative('evaporationLd', $evaporationLd);
        $fall = $fromC - Guard::within('toC', $toC, 0, 45);
        if ($fall < self::LEAST_FALL_K) {
            throw OutOfRange::number(
                'toC',
                $toC,
                Phrase::AtMostASmallerFallSays,
                [
                    'limit' => Quantity::of($fromC - self::LEAST_FALL_K, Kind::Temperature),
                ],
            );
        }
        if ($toC - $roomC < self::LEAST_DIFFERENCE_K) {
            throw OutOfRange::number(
                'roomC',
                $roomC,
                Phrase::AtMostASmallerDifferenceSays,
                [
                    'limit' => Quantity::of($toC - self::LEAST_DIFFERENCE_K, Kind::Temperature),
                ],
            );
        }
        $inputs = [
            ['V', 'Water', $volumeL, Kind::Volume],
            ['T', 'At first', $fromC, Kind::Temperature],
            ['U', 'At last', $toC, Kind::Temperature],
            ['R', 'Room', $roomC, Kind::Temperature],
            ['t', 'Between', $hours, Kind::Hours],
            ['o', 'Other heat in the water', $otherW, Kind::Power],
            ['e', 'Topped up', $evaporationLd, Kind::DailyVolume],
        ];
        $difference = $fall / log(($fromC - $roomC) / ($toC - $roomC));
        $through =
            ($volumeL * self::KG_L * 1000 * self::KJ_KG_K * $fall) / ($hours * 3600) +
            $otherW -
            ($evaporationLd * Evaporation::heatKjKg(($fromC + $toC) / 2)) / 86.4;
        if ($through <= 0) {
            throw OutOfRange::number(
                'evaporationLd',
                $evaporationLd,
                Phrase::LessItWouldCarryOffMore,
            );
        }
        $ua = $through / $difference;

        return new self(
            $ua,
            $ua * self::THERMOMETERS_K * (1 / $fall + 1 / $difference),
            Working::of(
                'Measured heat loss',
                '(V*1.024*1000*3.99*(T - U)/(t*3600) + o - e*(2500.9 - 2.365*(T + U)/2)/86.4)/((T - U)/log((T - R)/(U - R)))',
                $inputs,
                Quantity::of($ua, Kind::Conductance),
                'B-76: from a cooling curve',
            ),
        );
    }
}
