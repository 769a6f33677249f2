<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** What is known of a task when its next day is asked for. Days on one calendar. */
final readonly class TaskFacts
{
    /**
     * @param  float|null  $lastDoneDay  null: never
     * @param  array<string, array{value: float, day: float}>  $readings  the latest, by parameter
     * @param  array<string, float>  $signs  day each was last seen, by sign
     * @param  float|null  $runOutDay  of the vessel that empties first
     * @param  array<string, float>  $used  since it was last done, by UsedBy
     * @param  array<string, float>  $perDay  by UsedBy: how fast, where that is known
     * @param  array<string, list<array{value: float, day: float}>>  $series  oldest first, by parameter
     * @param  float|null  $chargeDueDay  of the media charge that is due first
     */
    public function __construct(
        public float $today,
        public ?float $lastDoneDay = null,
        public array $readings = [],
        public array $signs = [],
        public ?float $runOutDay = null,
        public array $used = [],
        public array $perDay = [],
        public array $series = [],
        public ?float $chargeDueDay = null,
    ) {
    }

    /** The same of a task last done on that day. */
    public function doneOn(float $day): self
    {
        return new self(
            today: $this->today,
            lastDoneDay: $day,
            readings: $this->readings,
            signs: $this->signs,
            runOutDay: $this->runOutDay,
            used: $this->used,
            perDay: $this->perDay,
            series: $this->series,
            chargeDueDay: $this->chargeDueDay,
        );
    }
}
