<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** What is broken at one moment. */
final readonly class Broken
{
    /**
     * @param  list<Fault>  $faults
     * @param  array<string, list<Fault>>  $byKind
     */
    private function __construct(public array $faults, private array $byKind)
    {
    }

    /** @param  list<Fault>  $faults */
    public static function at(array $faults, float $atS): self
    {
        if ($faults === []) {
            return new self([], []);
        }
        $acting = $byKind = [];
        foreach ($faults as $fault) {
            if ($fault->acts($atS)) {
                $acting[] = $fault;
                $byKind[$fault->kind->value][] = $fault;
            }
        }

        return new self($acting, $byKind);
    }

    /** What is read or asked for changes though no limit is crossed. */
    public function isRestless(): bool
    {
        foreach ($this->faults as $fault) {
            if ($fault->kind->isRestless()) {
                return true;
            }
        }

        return false;
    }

    public function find(FaultKind $kind, ?string $of = null): ?Fault
    {
        foreach ($this->byKind[$kind->value] ?? [] as $fault) {
            if ($of === null || $fault->of === $of) {
                return $fault;
            }
        }

        return null;
    }

    public function hasPower(): bool
    {
        return $this->find(FaultKind::Outage) === null;
    }

    public function hasLink(): bool
    {
        return $this->find(FaultKind::LinkLost) === null;
    }

    /** Of the main drain, 0 to 1. */
    public function drainShare(): float
    {
        return $this->find(FaultKind::DrainBlocked)->value ?? 0.0;
    }

    /** Where the room goes without its heating; null: it is heated. */
    public function roomGoalC(): ?float
    {
        return $this->find(FaultKind::RoomClimate)?->value;
    }

    /** @return list<string> pauses somebody begins again and again */
    public function pauses(): array
    {
        if ($this->faults === []) {
            return [];
        }
        $pauses = array_filter($this->faults, fn (Fault $f): bool => $f->kind === FaultKind::PauseLeftOn);

        return array_values(array_map(fn (Fault $f): string => (string) $f->of, $pauses));
    }
}
