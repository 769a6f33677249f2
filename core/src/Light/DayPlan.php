<?php

declare(strict_types=1);

namespace Velbrin\Core\Light;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** A day of light channel by channel, each with its share of full power and its own ramps (B-51). */
final readonly class DayPlan
{
    /** @param  non-empty-list<array{0: string, 1: float, 2: LightDay}>  $channels  name, share of the light at full power 0–1, its day */
    private function __construct(public array $channels)
    {
    }

    /**
     * @param  non-empty-list<array{0: string, 1: float, 2: LightDay}>  $channels
     *
     * @throws OutOfRange when the shares make more than the whole
     */
    public static function of(array $channels): self
    {
        Guard::within('sharePct', 100 * array_sum(array_map(fn (array $c): float => $c[1], $channels)), 0, 100.5);

        return new self($channels);
    }

    /** All lamps as one. */
    public static function single(LightDay $day): self
    {
        return new self([['all lamps', 1.0, $day]]);
    }

    /**
     * Share of full power at an hour of the day, channel by channel.
     *
     * @return non-empty-list<float>
     */
    public function at(float $hour): array
    {
        return array_map(fn (array $c): float => $c[1] * $c[2]->at($hour), $this->channels);
    }

    /** Hours at full power that give the same light: Σ share · ∫ dt. */
    public function fullHours(): float
    {
        return array_sum(array_map(fn (array $c): float => $c[1] * $c[2]->fullHours(), $this->channels));
    }

    /** Daily light integral, mol/m²/day, where full power of all gives that PAR. @throws OutOfRange */
    public function integralMol(float $par): float
    {
        return (Guard::notNegative('par', $par) * $this->fullHours() * 3600) / 1e6;
    }

    /** Hours of the longest channel. */
    public function hours(): float
    {
        return max(array_map(fn (array $c): float => $c[2]->hours(), $this->channels));
    }

    /** Each channel lit while it is dark here; null when one never is dark. */
    public function reversed(): ?self
    {
        $turned = [];
        foreach ($this->channels as [$name, $share, $day]) {
            $night = $day->reversed();
            if ($night === null) {
                return null;
            }
            $turned[] = [$name, $share, $night];
        }

        return new self($turned);
    }
}
