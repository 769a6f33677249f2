<?php

declare(strict_types=1);

namespace App\Systems;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Power\Battery;

/** The devices that stand in a system and work now: not retired, not away, not off (R-49). */
final readonly class Register
{
    /**
     * @param  list<Item>  $items
     * @param  list<int>  $sumpIds  vessels that are a sump
     */
    private function __construct(private array $items, private array $sumpIds)
    {
    }

    /**
     * The system is loaded with items and vessels.
     *
     * @param  list<int>  $off  ids of devices that are switched off
     */
    public static function of(System $system, array $off): self
    {
        $stands = fn (Item $i): bool => $i->retired_at === null &&
            $i->away_since === null &&
            ! in_array($i->id, $off, true);
        $sumps = array_values($system->vessels->where('role', 'sump')->map(fn (Vessel $v): int => $v->id)->all());

        return new self(array_values($system->items->filter($stands)->all()), $sumps);
    }

    /** @return list<Heater> */
    public function heaters(): array
    {
        return array_values(
            array_map(
                fn (Item $i): Heater => new Heater(
                    $i->name,
                    $i->watts ?? 0.0,
                    $i->switched_by,
                    in_array($i->vessel_id, $this->sumpIds, true),
                    $i->senses_own_vessel,
                ),
                array_filter($this->items, fn (Item $i): bool => $i->job === Job::Heater && $i->watts !== null),
            ),
        );
    }

    /** @return list<string> heaters whose watts nobody wrote down */
    public function heatersWithoutWatts(): array
    {
        return array_values(
            array_map(
                fn (Item $i): string => $i->name,
                array_filter($this->items, fn (Item $i): bool => $i->job === Job::Heater && $i->watts === null),
            ),
        );
    }

    /** Pumps that move the display besides the return; null: none is written down. */
    public function movers(): ?int
    {
        $moves = fn (Item $i): bool => $i->job === Job::CirculationPump && ! in_array($i->vessel_id, $this->sumpIds, true);

        return count(array_filter($this->items, $moves)) ?: null;
    }

    /** Whether a battery stands in it, described or not. */
    public function hasBattery(): bool
    {
        return $this->batteries() !== [];
    }

    /**
     * The longest that a described battery carries its load, hours (R-23); null while none is described.
     *
     * @throws OutOfRange
     */
    public function batteryHours(): ?float
    {
        $hours = [];
        foreach ($this->batteries() as $battery) {
            if ($battery->capacity_wh !== null && $battery->carries_w !== null) {
                $hours[] = Battery::hours(
                    $battery->capacity_wh,
                    $battery->carries_w,
                    ($battery->efficiency_pct ?? 100 * Battery::EFFICIENCY_INVERTER) / 100,
                    $battery->idle_w ?? 0.0,
                    ($battery->usable_share_pct ?? 100.0) / 100,
                );
            }
        }

        return $hours === [] ? null : max($hours);
    }

    /** What a battery carries, or would: the smallest pump that moves the water, W. */
    public function batteryLoadW(): ?float
    {
        $loads = array_filter(array_map(fn (Item $i): ?float => $i->carries_w, $this->batteries()));
        $pumps = array_filter(
            $this->items,
            fn (Item $i): bool => $i->job === Job::CirculationPump && $i->watts !== null && $i->watts > 0,
        );
        $loads = $loads !== [] ? $loads : array_map(fn (Item $i): float => (float) $i->watts, $pumps);

        return $loads === [] ? null : min($loads);
    }

    /** @return list<Item> */
    private function batteries(): array
    {
        return array_values(array_filter($this->items, fn (Item $i): bool => $i->job === Job::Battery));
    }
}
