<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Link;

use Velbrin\Core\Control\Pace;
use Velbrin\Core\Control\Programme\AlarmSight;

/** What is known of a controller after each row: the latest of everything, how fast values go, how long they stand still. */
final class Seen
{
    /** A value older than this is not seen any more, s. */
    public const STALE_S = 900.0;

    /** @var array<string, array{value: float, atS: float}> latest of each probe */
    private array $probes = [];

    /** @var array<string, array{on: bool, atS: float}> */
    private array $switches = [];

    /** @var array<string, array{on: bool, w: float|null, knownW: float, atS: float}> */
    private array $outlets = [];

    /** @var array<string, array{value: float, atS: float}> when each probe last read something else */
    private array $moved = [];

    /** @var array<string, Pace> how fast each goes */
    private array $paces = [];

    /** @var array<string, true> guards that act, or wait for somebody */
    private array $acts = [];

    private float $lastS = -INF;

    /** @param  array<array-key, mixed>  $kept  as kept() gave it, or nothing */
    public static function from(array $kept): self
    {
        /**
         * @var array{
         *     probes?: array<string, array{value: float, atS: float}>,
         *     switches?: array<string, array{on: bool, atS: float}>,
         *     outlets?: array<string, array{on: bool, w: float|null, knownW: float, atS: float}>,
         *     moved?: array<string, array{value: float, atS: float}>,
         *     paces?: array<string, array{points: list<array{0: float, 1: float}>, lastS: float}>,
         *     acts?: array<string, true>,
         *     lastS?: float|null
         * } $kept
         */
        $seen = new self();
        $seen->probes = $kept['probes'] ?? [];
        $seen->switches = $kept['switches'] ?? [];
        $seen->outlets = $kept['outlets'] ?? [];
        $seen->moved = $kept['moved'] ?? [];
        $seen->paces = array_map(Pace::from(...), $kept['paces'] ?? []);
        $seen->acts = $kept['acts'] ?? [];
        $seen->lastS = $kept['lastS'] ?? -INF;

        return $seen;
    }

    public function __clone()
    {
        $this->paces = array_map(fn (Pace $p): Pace => clone $p, $this->paces);
    }

    /** @return array<string, mixed> */
    public function kept(): array
    {
        return [
            'probes' => $this->probes,
            'switches' => $this->switches,
            'outlets' => $this->outlets,
            'moved' => $this->moved,
            'paces' => array_map(fn (Pace $p): array => $p->kept(), $this->paces),
            'acts' => $this->acts,
            'lastS' => is_finite($this->lastS) ? $this->lastS : null,
        ];
    }

    /** The last moment anything was seen at; −INF: never. */
    public function lastS(): float
    {
        return $this->lastS;
    }

    public function take(Row $row, float $atS, float $knownW = 0.0): void
    {
        $this->lastS = max($this->lastS, $atS);
        match ($row->kind) {
            Row::READING => $this->reading($row, $atS),
            Row::OUTLET => $this->outlets[$row->id] = [
                'on' => $row->on ?? ($row->value ?? 0.0) > 0,
                'w' => $row->watts,
                'knownW' => $knownW,
                'atS' => $atS,
            ],
            default => $this->event($row),
        };
    }

    public function sight(float $atS, bool $isSilent = false): AlarmSight
    {
        $fresh = fn (float $seenS): bool => $atS - $seenS <= self::STALE_S;
        $draws = [];
        foreach ($this->outlets as $id => $outlet) {
            if ($outlet['w'] !== null && $fresh($outlet['atS'])) {
                $draws[$id] = ['on' => $outlet['on'], 'w' => $outlet['w'], 'knownW' => $outlet['knownW']];
            }
        }

        return new AlarmSight(
            isSilent: $isSilent,
            probes: array_map(fn (array $p): ?float => $fresh($p['atS']) ? $p['value'] : null, $this->probes),
            switches: array_map(fn (array $s): bool => $s['on'], $this->switches),
            acts: array_map(strval(...), array_keys($this->acts)),
            ratesPerH: $this->ratesPerH($atS),
            stillS: array_map(fn (array $m): float => $atS - $m['atS'], $this->moved),
            draws: $draws,
        );
    }

    /** @return array<string, float> of those whose pace is known */
    private function ratesPerH(float $atS): array
    {
        $rates = [];
        foreach ($this->paces as $id => $pace) {
            $perH = $pace->perH($atS, $this->probes[$id]['value']);
            if ($perH !== null) {
                $rates[$id] = $perH;
            }
        }

        return $rates;
    }

    /** @return array<string, bool> outlets as they were told last */
    public function outletsOn(): array
    {
        return array_map(fn (array $o): bool => $o['on'], $this->outlets);
    }

    private function reading(Row $row, float $atS): void
    {
        if ($row->on !== null) {
            $this->switches[$row->id] = ['on' => $row->on, 'atS' => $atS];

            return;
        }
        $value = (float) $row->value;
        $was = $this->moved[$row->id] ?? null;
        if ($was === null || abs($was['value'] - $value) > 1e-9) {
            $this->moved[$row->id] = ['value' => $value, 'atS' => $atS];
        }
        $this->paces[$row->id] ??= Pace::begun();
        $this->paces[$row->id]->see($atS, $value);
        $this->probes[$row->id] = ['value' => $value, 'atS' => $atS];
    }

    private function event(Row $row): void
    {
        if (in_array($row->code, ['act', 'latched'], true)) {
            $this->acts[$row->id] = true;
        } elseif (in_array($row->code, ['reset', 'over'], true)) {
            unset($this->acts[$row->id]);
        }
    }
}
