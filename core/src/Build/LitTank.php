<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Light\DayPlan;
use Velbrin\Core\Light\LightMap;
use Velbrin\Core\Light\LightSurvey;

/** The light of a plan as it is drawn: a map at each depth, through what a meter read where somebody did. */
final readonly class LitTank
{
    /** @param  array<string, LightMap>  $maps  by where */
    public function __construct(public array $maps, public ?LightSurvey $survey, public DayPlan $day)
    {
    }
}
