<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Closure;
use Velbrin\Core\Light\DayPlan;
use Velbrin\Core\Light\LightMap;
use Velbrin\Core\Light\LightSurvey;

/** The light of a plan as it is drawn, through what a meter read where somebody did. */
final readonly class LitTank
{
    /**
     * @param  array<string, float>  $depthsMm  by where
     * @param  array<string, LightMap>  $judged  the maps that were judged by; the others are worked out once they are drawn
     * @param  Closure(float): LightMap  $map  at a depth in mm
     */
    public function __construct(
        private array $depthsMm,
        private array $judged,
        private Closure $map,
        public ?LightSurvey $survey,
        public DayPlan $day,
    ) {
    }

    /** @return array<string, LightMap> by where, from the top down */
    public function maps(): array
    {
        $maps = [];
        foreach ($this->depthsMm as $where => $depthMm) {
            $maps[$where] = $this->judged[$where] ?? ($this->map)($depthMm);
        }

        return $maps;
    }
}
