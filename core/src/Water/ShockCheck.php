<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Chemistry\Carbonate;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** What one change moves, against what the animals bear, with the number that puts it right (W-33). */
final readonly class ShockCheck
{
    /**
     * @param  array<string, float>  $moves  by value: tempC, salinity, alkDkh, ph
     * @param  int  $portions  equal portions, each with its rest between, that keep every move within its limit
     * @param  list<Finding>  $findings
     */
    private function __construct(
        public WaterValues $after,
        public array $moves,
        public int $portions,
        public array $findings,
    ) {
    }

    /**
     * @param  float  $fraction  0 < f ≤ 1 of the system
     *
     * @throws OutOfRange
     */
    public static function of(
        float $fraction,
        WaterValues $tank,
        WaterValues $fresh,
        ShockLimits $limits = new ShockLimits(),
        bool $ammoniaEmergency = false,
    ): self {
        if (! is_finite($fraction) || $fraction <= 0 || $fraction > 1) {
            throw OutOfRange::number('fraction', $fraction, Phrase::MoreThan0AndAtMost);
        }
        $mix = fn (float $old, float $new): float => $old * (1 - $fraction) + $new * $fraction;
        $after = new WaterValues(
            $mix(Guard::within('tempC', $tank->tempC, 2, 40), Guard::within('fresh.tempC', $fresh->tempC, 2, 40)),
            $mix($tank->salinity, $fresh->salinity),
            $tank->alkDkh === null || $fresh->alkDkh === null ? null : $mix($tank->alkDkh, $fresh->alkDkh),
            self::ph($fraction, $tank, $fresh),
        );
        $findings = $moves = [];
        $portions = 1;
        foreach (self::pairs($tank, $fresh, $after, $limits) as [$key, $kind, $change, $name, $from, $to, $limit]) {
            $move = $to - $from;
            $moves[$key] = $move;
            $outranked = $ammoniaEmergency && ! in_array($key, ['tempC', 'salinity'], true);
            $over = abs($move) > $limit + 1e-9;
            $portions = $over && ! $outranked ? max($portions, (int) ceil(abs($move) / $limit - 1e-9)) : $portions;
            $findings[] = self::finding(
                key: $key,
                kind: $kind,
                change: $change,
                name: $name,
                move: $move,
                limit: $limit,
                bound: self::bound($key, $fraction, $tank, $move, $limit),
                over: $over,
                outranked: $outranked,
            );
        }

        return new self($after, $moves, $portions, Finding::sorted($findings));
    }

    /** @return list<array{0: string, 1: Kind, 2: Kind, 3: string, 4: float, 5: float, 6: float}> */
    private static function pairs(WaterValues $tank, WaterValues $fresh, WaterValues $after, ShockLimits $limits): array
    {
        $pairs = [
            [
                'tempC',
                Kind::Temperature,
                Kind::TemperatureChange,
                'Temperature',
                $tank->tempC,
                $after->tempC,
                $limits->tempC,
            ],
            [
                'salinity',
                Kind::Salinity,
                Kind::SalinityChange,
                'Salinity',
                $tank->salinity,
                $after->salinity,
                $limits->salinity,
            ],
        ];
        if ($tank->alkDkh !== null && $after->alkDkh !== null) {
            $pairs[] = [
                'alkDkh',
                Kind::Alkalinity,
                Kind::Alkalinity,
                'Alkalinity',
                $tank->alkDkh,
                $after->alkDkh,
                $limits->alkDkh,
            ];
        }
        if ($tank->ph !== null && $after->ph !== null) {
            $pairs[] = ['ph', Kind::Ph, Kind::Ph, 'pH', $tank->ph, $after->ph, $limits->ph];
        }

        return $pairs;
    }

    /** Alkalinity and DIC mix; the pH is solved from the mixture. Null while alkalinity or a pH is not known. */
    private static function ph(float $fraction, WaterValues $tank, WaterValues $fresh): ?float
    {
        if ($tank->ph === null || $fresh->ph === null || $tank->alkDkh === null || $fresh->alkDkh === null) {
            return null;
        }

        return self::mixedPh(
            fraction: $fraction,
            alkA: $tank->alkDkh,
            salinityA: $tank->salinity,
            tempA: $tank->tempC,
            phA: $tank->ph,
            alkB: $fresh->alkDkh,
            salinityB: $fresh->salinity,
            tempB: $fresh->tempC,
            phB: $fresh->ph,
        );
    }

    /** @throws OutOfRange */
    public static function mixedPh(
        float $fraction,
        float $alkA,
        float $salinityA,
        float $tempA,
        float $phA,
        float $alkB,
        float $salinityB,
        float $tempB,
        float $phB,
    ): float {
        $a = Carbonate::fromProbe($alkA / ReadingUnit::DKH_PER_MEQ, $salinityA, $tempA, $phA);
        $b = Carbonate::fromProbe($alkB / ReadingUnit::DKH_PER_MEQ, $salinityB, $tempB, $phB);
        $mix = fn (float $old, float $new): float => $old * (1 - $fraction) + $new * $fraction;

        return Carbonate::fromDic(
            $mix($alkA, $alkB) / ReadingUnit::DKH_PER_MEQ,
            $mix($salinityA, $salinityB),
            $mix($tempA, $tempB),
            $mix($a->dicMmolKg, $b->dicMmolKg),
        )->phProbe();
    }

    /** What the new water must be, at the nearest, for this fraction to stay within the limit; pH is not linear, so none. */
    private static function bound(string $key, float $fraction, WaterValues $tank, float $move, float $limit): ?float
    {
        $from = match ($key) {
            'tempC' => $tank->tempC,
            'salinity' => $tank->salinity,
            'alkDkh' => $tank->alkDkh,
            default => null,
        };

        return $from === null ? null : $from + (($move <=> 0) * $limit) / $fraction;
    }

    private static function finding(
        string $key,
        Kind $kind,
        Kind $change,
        string $name,
        float $move,
        float $limit,
        ?float $bound,
        bool $over,
        bool $outranked,
    ): Finding {
        $portions = max(2, (int) ceil(abs($move) / $limit - 1e-9));
        $parts = [
            'name' => $name,
            'move' => Quantity::of(abs($move), $change),
            'limit' => Quantity::of($limit, $change),
            'way' => $move < 0 ? 'falls' : 'rises',
            'n' => Quantity::of($portions, Kind::Count),
            ...$bound === null ? [] : ['bound' => Quantity::of($bound, $kind)],
        ];
        if (! $over) {
            return Finding::of(
                Severity::Fine,
                'W-33',
                $key,
                Sentence::of(Phrase::NameWayMove, $parts),
                Sentence::of(Phrase::AtMostInOneChange, $parts),
                null,
                Basis::Measured,
            );
        }
        if ($outranked) {
            return Finding::of(
                Severity::Watch,
                'W-33',
                $key,
                Sentence::of(Phrase::NameWayMove, $parts),
                Sentence::of(Phrase::MoreThanButAmmoniaOutranksIt, $parts),
                Sentence::of(Phrase::GoOnSlowlyAndWatch),
                Basis::Measured,
            );
        }
        $bring = match ($key) {
            'tempC' => $move < 0
                ? Phrase::WarmTheNewWater
                : Phrase::CoolTheNewWater,
            'salinity' => $move < 0
                ? Phrase::RaiseTheNewWater
                : Phrase::ThinTheNewWater,
            'alkDkh' => $move < 0
                ? Phrase::RaiseItsAlkalinityToOrMore
                : Phrase::ChooseAMixOfOrLess,
            default => Phrase::AerateTheNewWaterFirst,
        };

        return Finding::of(
            Severity::Fix,
            'W-33',
            $key,
            Sentence::of(Phrase::NameWayMove, $parts),
            Sentence::of(Phrase::AtMostInOneChange, $parts),
            Sentence::of($bring, $parts),
            Basis::Measured,
        );
    }
}
