<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** Water for an emergency: what is ready now, and after how many hours the rest could stand there too (W-59, W-66). */
final readonly class InTime
{
    private function __construct(
        /** Measured, mixed and warm, L. */
        public float $readyL,
        /** Hours until all that is needed is ready; 0: it is; null: never from here. */
        public ?float $restInH,
    ) {
    }

    /**
     * @param  list<array{litres: float, readyInH: float|null}>  $batches  that stand there; 0: ready now, null: never will be
     * @param  float  $roStoredL  ready to be mixed
     * @param  float  $roLh  that can be made in an hour
     * @param  float|null  $mixH  hours from salting to use; null: nobody has said which salt
     *
     * @throws OutOfRange
     */
    public static function of(float $needL, array $batches, float $roStoredL, float $roLh, ?float $mixH): self
    {
        Guard::notNegative('needL', $needL);
        Guard::notNegative('roStoredL', $roStoredL);
        Guard::notNegative('roLh', $roLh);
        $later = array_filter($batches, fn (array $b): bool => $b['readyInH'] !== null);
        usort($later, fn (array $a, array $b): int => $a['readyInH'] <=> $b['readyInH']);
        $ready = 0.0;
        $litres = 0.0;
        $soonest = $needL <= 0 ? 0.0 : self::fresh($needL, $roStoredL, $roLh, $mixH);
        foreach ($later as $batch) {
            $litres += Guard::notNegative('litres', $batch['litres']);
            $inH = max(0.0, (float) $batch['readyInH']);
            $ready += $inH <= 0 ? $batch['litres'] : 0.0;
            $rest = $needL - $litres;
            $fresh = $rest <= 0 ? 0.0 : self::fresh($rest, $roStoredL, $roLh, $mixH);
            if ($fresh !== null) {
                $soonest = min($soonest ?? INF, max($inH, $fresh));
            }
        }

        return new self($ready, $soonest);
    }

    /** Hours until so much is made and mixed; null: it cannot be. */
    private static function fresh(float $litres, float $roStoredL, float $roLh, ?float $mixH): ?float
    {
        $lacks = max(0.0, $litres - $roStoredL);

        return match (true) {
            $mixH === null => null,
            $lacks <= 0 => $mixH,
            $roLh <= 0 => null,
            default => $lacks / $roLh + $mixH,
        };
    }
}
