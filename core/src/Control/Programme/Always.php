<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

/** On, or off, until something else speaks. */
final readonly class Always implements Rule
{
    public function __construct(public bool $isOn)
    {
    }

    public function kind(): string
    {
        return $this->isOn ? 'on' : 'off';
    }

    public function limits(): array
    {
        return [];
    }

    public function untilS(Moment $now, Memory $own): float
    {
        return INF;
    }

    public function wants(Moment $now, Sensed $sensed, Memory $own, array $others): float
    {
        return $this->isOn ? 1.0 : 0.0;
    }
}
