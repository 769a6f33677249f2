<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Fault;

use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Rate\Span;

/** What a top-off brings besides fresh water: limewater as a rule (R-2). One that runs on overdoses long before it thins the salt. */
final readonly class LimeInTopUp
{
    /** @param  float|null  $strengthMeqMl  limewater as clear as it gets: 0.041 */
    public function __construct(
        public Liquid $liquid,
        public ?float $strengthMeqMl,
        public DosedWater $water = new DosedWater(),
    ) {
    }

    /** @return array<string, Span> what it depends on */
    public function facts(): array
    {
        $strength = $this->strengthMeqMl === null ? Open::limewaterMeqMl() : Span::sure($this->strengthMeqMl);

        return ['strength' => $strength, ...$this->water->facts($this->liquid)];
    }

    /**
     * So much of it harms that water.
     *
     * @param  array<string, float>  $facts
     * @return float L
     *
     * @throws OutOfRange
     */
    public function harmsAtL(array $facts, float $systemL): float
    {
        return ($this->water->bearsMeqL($facts) * $systemL) / $facts['strength'] / 1000;
    }
}
