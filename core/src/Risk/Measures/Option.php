<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Measures;

/** One thing that could be done, with what it costs and what it asks of those who live with it (R-30). */
final readonly class Option
{
    /**
     * @param  list<string>  $touches  hazards it changes, for better or worse
     * @param  list<string>  $needs  options it makes sense with only
     * @param  list<string>  $excludes  options it takes the place of
     */
    public function __construct(
        public string $id,
        /** Once, in the smallest unit of money; null: no price is entered, so it is shown and not chosen. */
        public ?int $priceMinor,
        public array $touches,
        public array $needs = [],
        public array $excludes = [],
        /** A year of upkeep, in money: minutes at the company's rate, and what each device more is to live with. */
        public float $yearly = 0.0,
    ) {
    }
}
