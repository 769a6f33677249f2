<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/**
 * Fills when the low switch has been dry for a while, until the high one is wet. A run that lasts to its limit latches and tells; so
 * do two switches that contradict each other. An empty store, a rest between runs and litres in any 24 h stop it without a latch.
 */
final readonly class Refill implements Rule
{
    /**
     * @param  string  $low  closed while wet
     * @param  string  $high  closed while wet
     * @param  string|null  $store  closed while the store has water; null: nobody looks
     * @param  float  $dryS  the low one is dry so long before it begins
     * @param  float|null  $longestS  of a run; null: none, which the checker objects to
     * @param  float  $restS  between two runs
     * @param  float  $litresPerH  of the pump
     * @param  float|null  $mostL  in any 24 h
     */
    public function __construct(
        public string $low,
        public string $high,
        public ?string $store,
        public float $dryS,
        public ?float $longestS,
        public float $restS,
        public float $litresPerH,
        public ?float $mostL,
    ) {
    }

    public function kind(): string
    {
        return 'refill';
    }

    public function limits(): array
    {
        return [];
    }

    public function untilS(Moment $now, Memory $own): float
    {
        $limits = [];
        if ($own->isOn && $own->sinceS !== null) {
            $limits[] = $own->sinceS + ($this->longestS ?? INF) - $now->atS;
            if ($this->mostL !== null && $this->litresPerH > 0) {
                $leftL = $this->mostL - $own->within24h($now->atS);
                $limits[] = $own->sinceS + ($leftL / $this->litresPerH) * 3600 - $now->atS;
            }
        } elseif ($own->sinceS !== null) {
            $limits[] = $own->sinceS + $this->dryS - $now->atS;
            $limits[] = ($own->endedS ?? -INF) + $this->restS - $now->atS;
        }

        $ahead = array_filter($limits, fn (float $s): bool => $s > 0);

        return $ahead === [] ? INF : min($ahead);
    }

    public function wants(Moment $now, Sensed $sensed, Memory $own, array $others): float
    {
        $low = $sensed->switches[$this->low] ?? null;
        $high = $sensed->switches[$this->high] ?? null;
        if ($high === true && $low === false) {
            $own->latched = true;
        }
        if ($own->isOn) {
            $this->run($now, $sensed, $own, $low, $high);
        }
        if ($own->latched || $low === null || $high === null || $this->isEmpty($sensed)) {
            $own->sinceS = null;

            return $this->stop($now, $own);
        }
        if ($own->isOn) {
            return 1.0;
        }
        $own->sinceS = $low ? null : ($own->sinceS ?? $now->atS);
        $isRested = $own->endedS === null || $now->atS - $own->endedS >= $this->restS;
        $isUnderCap = $this->mostL === null || $own->within24h($now->atS) < $this->mostL;
        if ($own->sinceS !== null && $now->atS - $own->sinceS >= $this->dryS && $isRested && $isUnderCap) {
            $own->isOn = true;
            $own->sinceS = $now->atS;
        }

        return $own->isOn ? 1.0 : 0.0;
    }

    private function run(Moment $now, Sensed $sensed, Memory $own, ?bool $low, ?bool $high): void
    {
        $ranS = $now->atS - ($own->sinceS ?? $now->atS);
        if ($this->longestS !== null && $ranS >= $this->longestS && $high !== true) {
            $own->latched = true;
        }
        $givenL = ($this->litresPerH * $ranS) / 3600;
        $isOverCap = $this->mostL !== null && $own->within24h($now->atS) + $givenL >= $this->mostL;
        if ($high === true || $own->latched || $isOverCap) {
            $this->stop($now, $own);
        }
    }

    private function stop(Moment $now, Memory $own): float
    {
        if ($own->isOn) {
            $ranS = $now->atS - ($own->sinceS ?? $now->atS);
            $own->amounts[] = ['atS' => $now->atS, 'amount' => ($this->litresPerH * $ranS) / 3600];
            $own->isOn = false;
            $own->endedS = $now->atS;
            $own->sinceS = null;
        }

        return 0.0;
    }

    private function isEmpty(Sensed $sensed): bool
    {
        return $this->store !== null && ($sensed->switches[$this->store] ?? null) !== true;
    }
}
