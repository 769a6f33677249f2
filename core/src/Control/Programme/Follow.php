<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** On while another outlet is, or while it is not; each after a delay of its own. */
final readonly class Follow implements Rule
{
    public function __construct(
        public string $outlet,
        public bool $isInverse = false,
        public float $onDelayS = 0.0,
        public float $offDelayS = 0.0,
    ) {
    }

    public function kind(): string
    {
        return 'follow';
    }

    public function limits(): array
    {
        return [];
    }

    public function untilS(Moment $now, Memory $own): float
    {
        if ($own->sinceS === null) {
            return INF;
        }

        return $own->sinceS + ($own->isOn ? $this->offDelayS : $this->onDelayS) - $now->atS;
    }

    public function wants(Moment $now, Sensed $sensed, Memory $own, array $others): float
    {
        $target = ($others[$this->outlet] ?? null)?->isOn() ?? false;
        $target = $this->isInverse ? ! $target : $target;
        if ($target === $own->isOn) {
            $own->sinceS = null;

            return $own->isOn ? 1.0 : 0.0;
        }
        $own->sinceS ??= $now->atS;
        if ($now->atS - $own->sinceS >= ($target ? $this->onDelayS : $this->offDelayS)) {
            $own->isOn = $target;
            $own->sinceS = null;
        }

        return $own->isOn ? 1.0 : 0.0;
    }
}
