<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Fault;

/** What of a system can spill, thin, overdose or go dark; null or empty: it has none of that kind. */
final readonly class Waterside
{
    /**
     * @param  list<Dose>  $doses
     * @param  list<Fills>  $fills  lines that fill a vessel
     * @param  list<LostOutlet>|null  $lost  outlets of its controller; null: no controller drives it
     * @param  list<string>  $unknown  what nobody has said without which nothing can be said of its drain
     */
    public function __construct(
        public ?TopUp $topUp = null,
        public ?Draining $draining = null,
        public array $doses = [],
        public array $fills = [],
        public ?Fills $skimmer = null,
        public ?array $lost = null,
        public bool $hasLamp = false,
        /** Of all its water, on the floor when a seam goes, L; null: not known. */
        public ?float $leakL = null,
        /** Something tempers its room; null: nobody has said. */
        public ?bool $roomTempered = null,
        /** What the room comes to when nothing tempers it any more, °C. */
        public ?float $roomUntemperedC = null,
        public bool $hasDrain = false,
        public array $unknown = [],
        /** Null: at the times that are assumed. */
        private ?Slow $slow = null,
    ) {
    }

    public function slow(): Slow
    {
        return $this->slow ?? Slow::assumed();
    }

    /** @param  list<Dose>|null  $doses */
    public function with(?TopUp $topUp = null, ?array $doses = null): self
    {
        return new self(
            topUp: $topUp ?? $this->topUp,
            draining: $this->draining,
            doses: $doses ?? $this->doses,
            fills: $this->fills,
            skimmer: $this->skimmer,
            lost: $this->lost,
            hasLamp: $this->hasLamp,
            leakL: $this->leakL,
            roomTempered: $this->roomTempered,
            roomUntemperedC: $this->roomUntemperedC,
            hasDrain: $this->hasDrain,
            unknown: $this->unknown,
            slow: $this->slow,
        );
    }

    /** No controller drives it. */
    public function withoutHead(): self
    {
        return new self(
            topUp: $this->topUp,
            draining: $this->draining,
            doses: $this->doses,
            fills: $this->fills,
            skimmer: $this->skimmer,
            lost: null,
            hasLamp: $this->hasLamp,
            leakL: $this->leakL,
            roomTempered: $this->roomTempered,
            roomUntemperedC: $this->roomUntemperedC,
            hasDrain: $this->hasDrain,
            unknown: $this->unknown,
            slow: $this->slow,
        );
    }
}
