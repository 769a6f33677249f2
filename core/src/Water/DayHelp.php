<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Closure;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/**
 * Late water: which limit binds, and what would move it (W-67). Every remedy is tried on the same day before it is offered.
 */
final readonly class DayHelp
{
    /** Less than a minute is no help. */
    private const HELPS_H = 1 / 60;

    private const TRIES = 12;

    private const WAITS = 6;

    /** What a second tank may hold, L. */
    private const TANKS_L = [50.0, 100.0, 150.0, 200.0, 300.0, 500.0, 1000.0];

    /** The cheapest to move first: where several would each be enough alone, the first is named. */
    private const BY_COST = [DayLimit::RoTank, DayLimit::Heat, DayLimit::Vessels, DayLimit::Ro];

    /**
     * @param  Closure(Station, list<Need>): array<string, float>  $lateH  hours by need of that station and those needs
     * @param  list<Need>  $needs
     */
    public function __construct(
        private Station $station,
        private array $needs,
        private Closure $lateH,
        private float $reserveSaltL,
    ) {
    }

    public function finding(Need $need, float $lateH): Finding
    {
        $limit = $this->binding($need, $lateH);
        $borrow = $need->mix === null ? 0.0 : min($need->litres, $this->reserveSaltL);
        $fewer = $this->fewer($need);
        $later = $this->later($need, $lateH);
        $watts = $limit === DayLimit::Heat ? $this->watts($need) : null;
        $tankL = $limit === DayLimit::RoTank ? $this->secondTankL($need) : null;
        $parts = [
            'who' => $need->label,
            'limit' => $limit->label(),
            'late' => Quantity::of($lateH, Kind::Hours),
            'later' => Quantity::of($later ?? 0.0, Kind::Hours),
            'litres' => Quantity::of($need->litres, Kind::Volume),
            'borrow' => Quantity::of($borrow, Kind::Volume),
            'left' => Quantity::of($this->reserveSaltL - $borrow, Kind::Volume),
            'fewer' => Quantity::of($fewer ?? 0.0, Kind::Volume),
            'watts' => Quantity::of($watts ?? 0.0, Kind::Power),
            'tank' => Quantity::of($tankL ?? 0.0, Kind::Volume),
            'vessel' => Quantity::of($this->station->largestL(), Kind::Volume),
        ];
        $without = $borrow > 0 ? $this->late($this->station, $this->replaced($need, $need->litres - $borrow), $need) : INF;
        $warmer = $watts === null ? INF : $this->lateWith($this->station->with(heatW: $watts), $need);
        $tank = $tankL === null ? INF : $this->lateWith($this->secondTank($tankL), $need);
        $vessel = $limit === DayLimit::Vessels ? $this->lateWith($this->oneMoreVessel(), $need) : INF;
        $remedy = self::ways($parts, $lateH, [
            [Phrase::LeaveLater, $later === null ? INF : 0.0],
            [Phrase::TakeFewer, $fewer === null ? INF : 0.0],
            [Phrase::TakeFromTheReserve, $without],
            [Phrase::WarmWithInAll, $warmer],
            [Phrase::CollectROWaterInASecond, $tank],
            [Phrase::MixInOneMoreVesselOf, $vessel],
        ]);

        return Finding::of(
            Severity::Fix,
            'W-67',
            'water',
            Sentence::of(Phrase::WaterForIsLate, $parts),
            Sentence::of(Phrase::ItsCannotBeReady, $parts),
            $remedy,
        );
    }

    /**
     * What is enough, and what only helps with how late it stays; another day where nothing does either.
     *
     * @param  array<string, Quantity|Sentence|string>  $parts
     * @param  list<array{0: Phrase, 1: float}>  $ways  each with how late it is then, h; INF where it cannot be done
     */
    private static function ways(array $parts, float $lateH, array $ways): Sentence
    {
        $enough = $helps = [];
        foreach ($ways as [$words, $stillH]) {
            $way = Sentence::of($words, $parts);
            if ($stillH <= self::HELPS_H) {
                $enough[] = $way;
            } elseif ($stillH < $lateH - self::HELPS_H) {
                $helps[] = Sentence::of(Phrase::AndStillBeLate, ['way' => $way, 'still' => Quantity::of($stillH, Kind::Hours)]);
            }
        }
        $said = array_values(array_filter([
            $enough === [] ? null : Sentence::of(Phrase::ItWouldDoTo, ['ways' => Sentence::listed(Phrase::ThisOrThat, ...$enough)]),
            $helps === [] ? null : Sentence::of(Phrase::ItWouldHelpTo, ['helps' => Sentence::listed(Phrase::ThisOrThat, ...$helps)]),
        ]));

        return $said === [] ? Sentence::of(Phrase::BringTheWaterAnotherDay) : Sentence::joined(...$said);
    }

    /** The smallest second tank with which it is in time; else the largest. */
    private function secondTankL(Need $need): float
    {
        foreach (self::TANKS_L as $litres) {
            if ($this->lateWith($this->secondTank($litres), $need) <= 0) {
                return $litres;
            }
        }

        return max(self::TANKS_L);
    }

    private function secondTank(float $litres): Station
    {
        return $this->station->with(roTankL: $this->station->roTankL + $litres);
    }

    private function oneMoreVessel(): Station
    {
        return $this->station->with(vesselsL: [...$this->station->vesselsL, $this->station->largestL()]);
    }

    /** The one limit that, lifted alone, is enough; else the one that helps most; the hours where none does. */
    public function binding(Need $need, float $lateH): DayLimit
    {
        $best = DayLimit::Hours;
        $least = $lateH - self::HELPS_H;
        foreach (self::BY_COST as $limit) {
            $late = $this->late($limit->lifted($this->station), $this->needs, $need);
            if ($late <= 0) {
                return $limit;
            }
            if ($late < $least) {
                [$best, $least] = [$limit, $late - self::HELPS_H];
            }
        }

        return $best;
    }

    /** Litres fewer with which it is in time; null when no share of it is. */
    private function fewer(Need $need): ?float
    {
        $isLate = fn (float $litres): bool => $this->late($this->station, $this->replaced($need, $litres), $need) > 0;
        $enough = 0.9 * $need->litres;
        if ($isLate($need->litres - $enough)) {
            return null;
        }
        $short = 0.0;
        for ($i = 0; $i < self::TRIES; $i++) {
            $try = ($short + $enough) / 2;
            [$short, $enough] = $isLate($need->litres - $try) ? [$try, $enough] : [$short, $try];
        }

        return $enough;
    }

    /** Watts in all with which it is in time; else twice those there are. */
    private function watts(Need $need): float
    {
        foreach ([1.25, 1.5, 2.0, 3.0, 4.0] as $times) {
            $watts = $this->station->heatW * $times;
            if ($this->lateWith($this->station->with(heatW: $watts), $need) <= 0) {
                return $watts;
            }
        }

        return 2 * $this->station->heatW;
    }

    /** Hours later at which it is in time, others before it counted; null where no wait of that day helps. */
    private function later(Need $need, float $lateH): ?float
    {
        $by = $lateH;
        for ($i = 0; $i < self::WAITS; $i++) {
            $waiting = array_map(
                fn (Need $n): Need => $n->key === $need->key ? $n->departing($n->departH + $by) : $n,
                $this->needs,
            );
            $still = $this->late($this->station, $waiting, $need);
            if ($still <= self::HELPS_H) {
                return $by;
            }
            $by += $still;
        }

        return null;
    }

    private function lateWith(Station $station, Need $need): float
    {
        return $this->late($station, $this->needs, $need);
    }

    /** @return list<Need> */
    private function replaced(Need $need, float $litres): array
    {
        return array_map(fn (Need $n): Need => $n->key === $need->key ? $n->of($litres) : $n, $this->needs);
    }

    /** @param  list<Need>  $needs */
    private function late(Station $station, array $needs, Need $need): float
    {
        return ($this->lateH)($station, $needs)[$need->key] ?? 0.0;
    }
}
