<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Standing;

use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Layer\Credit;
use Velbrin\Core\Risk\Rate\Span;

/** One hazard of one system over a year: how often, how likely everything fails, what it costs, where it is weakest (R-26). */
final readonly class HazardRow
{
    /** @param  list<Credit>  $credits  of the scene that costs most, at the moment that costs most */
    public function __construct(
        public Hazard $hazard,
        /** Times a year it begins. */
        public Span $rate,
        /** Times a year it does harm: everything against it failed. */
        public Span $harms,
        /** Yearly loss; null: nobody has said what is at stake. */
        public ?Span $loss,
        public array $credits,
        public string $begins,
        public Sentence $weakest,
    ) {
    }
}
