<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

use Velbrin\Core\Control\Job;

/** Who would look without an alarm, and when the door opens. Hours from the fault. */
final readonly class Place
{
    /**
     * @param  list<float>  $looks  moments at which a person is recorded to look: household hours, the next visit
     * @param  list<array{0: float, 1: float}>  $open  from, to
     * @param  array<string, float>|null  $partsH
     */
    public function __construct(
        /** The site's clock at the fault, 0–24. */
        public float $hourOfDay,
        public array $looks,
        public array $open,
        /** Whoever is on call when nobody's alarm has called a person. */
        public ?Called $onCall = null,
        /** By job: until its part stands there, from when somebody was called; null: nobody keeps a store */
        public ?array $partsH = null,
    ) {
    }

    /** Nobody looks in; the rest as it is. */
    public function unseen(): self
    {
        return new self($this->hourOfDay, [], $this->open, $this->onCall, $this->partsH);
    }

    /** Heaters and a return stand ready here. */
    public function withSpares(): self
    {
        $ready = [Job::Heater->value => 0.0, Job::ReturnPump->value => 0.0] + ($this->partsH ?? []);

        return new self($this->hourOfDay, $this->looks, $this->open, $this->onCall, $ready);
    }

    /** Somebody keeps a store, and it brings that later than whoever comes. */
    public function waitsFor(Job $job): bool
    {
        return $this->partsH !== null && ($this->partsH[$job->value] ?? INF) > 0;
    }

    public function withOnCall(?Called $onCall): self
    {
        return new self($this->hourOfDay, $this->looks, $this->open, $onCall, $this->partsH);
    }

    /** Hours until what has to be exchanged stands there; 0: nothing has, or nobody has said what lies where; INF: nobody has it. */
    public function partAfterH(Hazard $hazard): float
    {
        $part = $hazard->needsPart();

        return $part === null || $this->partsH === null ? 0.0 : $this->partsH[$part->value] ?? INF;
    }

    /** The first moment at or after that one at which the door is open. */
    public function nextOpen(float $hours): ?float
    {
        $next = null;
        foreach ($this->open as [$from, $to]) {
            if ($to >= $hours) {
                $at = max($from, $hours);
                $next = $next === null ? $at : min($next, $at);
            }
        }

        return $next;
    }
}
