<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Systems\System;
use App\Water\Depot;
use App\Water\SaltMix;
use App\Water\WaterBatch;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Velbrin\Core\Emergency\Need;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Rounds\Spot;
use Velbrin\Core\Water\InTime;

/** The water an emergency could count on: measured batches of a depot, and after how many hours the rest could be there (W-59, W-66). */
final class WaterWithin
{
    /** Until what nobody has measured is measured. */
    private const MEASURE_H = 0.25;

    /** @var Collection<int, Depot>|null with their batches */
    private ?Collection $depots = null;

    /** @var Collection<int, SaltMix>|null */
    private ?Collection $mixes = null;

    /**
     * From the depot from which all of it would be there first; null: nobody makes water.
     *
     * @param  array{code: string, label: string, amount: float, unit: string, serves: list<Hazard>}  $asked
     * @param  float|null  $helpH  until somebody has acted; null: nobody comes
     */
    public function need(array $asked, System $system, ?float $helpH): ?Need
    {
        $best = null;
        foreach ($this->depots() as $depot) {
            $need = self::from($depot, $asked, $system, $helpH, $this->mixH($system));
            if ($need !== null && ($best === null || self::atH($need) < self::atH($best))) {
                $best = $need;
            }
        }

        return $best;
    }

    /** @param  array{code: string, label: string, amount: float, unit: string, serves: list<Hazard>}  $asked */
    private static function from(Depot $depot, array $asked, System $system, ?float $helpH, ?float $mixH): ?Need
    {
        $now = CarbonImmutable::now();
        $batches = $depot->batches->map(function (WaterBatch $batch) use ($depot, $now): array {
            $batch->setRelation('depot', $depot);

            $readiness = $batch->readiness($now);
            $inH = $readiness->isReady() || $readiness->readyInH === null
                ? $readiness->readyInH
                : max(self::MEASURE_H, $readiness->readyInH);

            return ['litres' => $batch->left_l, 'readyInH' => $inH];
        });
        try {
            $water = InTime::of(
                needL: $asked['amount'],
                batches: array_values($batches->all()),
                roStoredL: max(0.0, min($depot->ro_stored_l, $depot->ro_tank_l)),
                roLh: $depot->station()->roLh(),
                mixH: $mixH,
            );
        } catch (OutOfRange) {
            return null;
        }
        $site = $system->site;
        $wayH = $site?->lat === null || $site->lon === null ? null : $depot->spot()->minutesTo(new Spot($site->lat, $site->lon)) / 60;
        $there = fn (?float $readyInH): ?float => $helpH === null || $wayH === null || $readyInH === null
            ? null
            : max($helpH, $readyInH) + $wayH;

        return new Need(
            code: $asked['code'],
            serves: $asked['serves'],
            amount: $asked['amount'],
            unit: $asked['unit'],
            has: $water->readyL,
            where: $depot->name,
            withinH: $there(0.0),
            isGood: $water->readyL > 0,
            restInH: $water->readyL >= $asked['amount'] ? null : $there($water->restInH),
        );
    }

    /** Hours from salting to use of the salt it runs on; null: nobody has said which. */
    private function mixH(System $system): ?float
    {
        $this->mixes ??= SaltMix::query()->get()->toBase()->keyBy('id');

        return $system->salt_mix_id === null ? null : $this->mixes->get($system->salt_mix_id)?->usable_from_h;
    }

    private static function atH(Need $need): float
    {
        return ($need->isEnough() ? $need->withinH : $need->restInH) ?? INF;
    }

    /** @return Collection<int, Depot> */
    private function depots(): Collection
    {
        return $this->depots ??= Depot::query()
            ->current()
            ->with(['batches' => fn ($b) => $b->whereNull('spent_at')->where('left_l', '>', 0)->with('mix')])
            ->get()
            ->toBase();
    }
}
