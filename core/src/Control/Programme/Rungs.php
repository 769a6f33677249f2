<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\Job;

/** All limits that one quantity meets on its way, from harm to harm (X-25). */
final readonly class Rungs
{
    /**
     * @param  list<array{value: float, kind: string, of: string}>  $rungs  rising; kind: harm, alarm, guard, start, stop
     * @param  float|null  $usualLow  where it stands on a usual day; null: nobody knows yet
     */
    private function __construct(
        public string $quantity,
        public array $rungs,
        public ?float $usualLow,
        public ?float $usualHigh,
    ) {
    }

    /**
     * Of every probe of that quantity together.
     *
     * @param  array{0: float, 1: float}|null  $harm  low and high; null: nobody has said
     */
    public static function of(Setup $setup, string $quantity, ?array $harm): self
    {
        $mine = array_filter($setup->probes, fn (Probe $p): bool => $p->quantity === $quantity);
        $rungs = $harm === null ? [] : [
            ['value' => $harm[0], 'kind' => 'harm', 'of' => 'harm'],
            ['value' => $harm[1], 'kind' => 'harm', 'of' => 'harm'],
        ];
        foreach ($setup->holds() as [$outlet, $hold]) {
            if (isset($mine[$hold->probe])) {
                $rungs[] = ['value' => $hold->startAt, 'kind' => 'start', 'of' => $outlet->place];
                $rungs[] = ['value' => $hold->stopAt, 'kind' => 'stop', 'of' => $outlet->place];
            }
        }
        foreach ($setup->programme->guards as $guard) {
            foreach ($guard->when as $condition) {
                if (isset($mine[$condition->probe ?? '']) && $condition->limit !== null) {
                    $rungs[] = ['value' => $condition->limit, 'kind' => 'guard', 'of' => $setup->place($guard->outlet)];
                }
            }
        }
        foreach ($setup->alarms as $alarm) {
            foreach (isset($mine[$alarm->probe ?? '']) ? [$alarm->low, $alarm->high] : [] as $limit) {
                if ($limit !== null) {
                    $rungs[] = ['value' => $limit, 'kind' => 'alarm', 'of' => $alarm->id];
                }
            }
        }
        usort($rungs, fn (array $a, array $b): int => $a['value'] <=> $b['value']);
        $known = array_filter($mine, fn (Probe $p): bool => $p->knowsItsDay());
        $lows = array_map(fn (Probe $p): float => (float) $p->dailyLow, $known);
        $highs = array_map(fn (Probe $p): float => (float) $p->dailyHigh, $known);

        return new self($quantity, $rungs, $lows === [] ? null : min($lows), $highs === [] ? null : max($highs));
    }

    /** A heater of the set-up works on it, so harm both ways is drawn. */
    public static function isHeated(Setup $setup): bool
    {
        return $setup->doing(Job::Heater, Job::Chiller, Job::Fan) !== [];
    }
}
