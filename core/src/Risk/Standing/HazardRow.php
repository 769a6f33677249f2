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
    /**
     * @param  list<Beginning>  $beginnings  every way it begins and harms, the one that costs most first
     * @param  list<string>  $narrows  facts nobody has said that would narrow it, the one that does most first
     */
    public function __construct(
        public Hazard $hazard,
        /** Times a year it begins. */
        public Span $rate,
        /** Times a year it does harm: everything against it failed. */
        public Span $harms,
        /** Yearly loss; null: nobody has said what is at stake. */
        public ?Span $loss,
        public array $beginnings,
        public Sentence $weakest,
        public array $narrows = [],
    ) {
    }

    /** @return list<Credit> against what costs most */
    public function credits(): array
    {
        return $this->beginnings[0]->credits ?? [];
    }
}
