<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Standing;

use Velbrin\Core\Risk\Rate\Span;

/** What one kind of moment, or several, adds to a year of one hazard. */
final readonly class Share
{
    /**
     * @param  Span|null  $loss  null: nobody has said what is at stake
     * @param  array<string, array{0: float, 1: Scene}>  $scenes  by what begins it: its weight at the moment that weighs most
     */
    private function __construct(
        /** Times a year it begins. */
        public Span $rate,
        /** Times a year it does harm. */
        public Span $harms,
        public ?Span $loss,
        private array $scenes,
        /** A usual room might make it cheaper: nobody has said how warm it usually is. */
        public bool $hangsOnRoom = false,
    ) {
    }

    public static function of(Span $rate, Span $harms, ?Span $loss, Scene $scene): self
    {
        $weighs = $scene->harm?->hours === null ? [] : [$scene->fault->name => [$loss->high ?? $harms->high, $scene]];

        return new self($rate, $harms, $loss, $weighs);
    }

    /** Both together; of each beginning the scene that weighs more is kept. */
    public function after(?self $before): self
    {
        if ($before === null) {
            return $this;
        }
        $scenes = $before->scenes;
        foreach ($this->scenes as $name => $scene) {
            $scenes[$name] = isset($scenes[$name]) && $scenes[$name][0] >= $scene[0] ? $scenes[$name] : $scene;
        }

        return new self(
            rate: $before->rate->plus($this->rate),
            harms: $before->harms->plus($this->harms),
            loss: $before->loss === null || $this->loss === null ? null : $before->loss->plus($this->loss),
            scenes: $scenes,
            hangsOnRoom: $this->hangsOnRoom || $before->hangsOnRoom,
        );
    }

    /** Its low end no higher than in the milder room; null: there it cannot happen. */
    public function orAsLittleAs(?self $milder): self
    {
        $down = fn (Span $own, ?Span $mild): Span => Span::of(min($own->low, $mild->low ?? 0.0), $own->likely, $own->high);

        return new self(
            rate: $down($this->rate, $milder?->rate),
            harms: $down($this->harms, $milder?->harms),
            loss: $this->loss === null ? null : $down($this->loss, $milder?->loss),
            scenes: $this->scenes,
            hangsOnRoom: $this->harms->low > ($milder->harms->low ?? 0.0),
        );
    }

    /** @return list<Scene> that harm, what weighs most first */
    public function scenes(): array
    {
        $scenes = array_values($this->scenes);
        usort($scenes, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column($scenes, 1);
    }
}
