<?php

declare(strict_types=1);

namespace App\Risk\Views;

use App\House\Views\FindingView;
use App\House\Views\WorkingView;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\HoursInHand;

/** One hazard of one system on a line of time, in hours from the fault. */
final readonly class HazardView
{
    /** @param  list<HarmView>  $harms */
    private function __construct(
        public string $hazard,
        public string $label,
        public array $harms,
        public ?float $noticedH,
        public ?float $actsH,
        public ?float $hours,
        /** An alarm’s limit is not entered: these hours are the most there can be. */
        public bool $atMost,
        public ?string $who,
        public string $how,
        public FindingView $finding,
        public ?WorkingView $working,
    ) {
    }

    public static function of(HoursInHand $h, Units $units): self
    {
        return new self(
            hazard: $h->hazard->value,
            label: $h->hazard->label(),
            harms: array_map(fn (Harm $harm): HarmView => HarmView::of($harm, $units), $h->harms),
            noticedH: $h->response->noticedH,
            actsH: $h->response->actsH,
            hours: $h->hours,
            atMost: $h->isAtMost(),
            who: $h->response->who,
            how: $h->response->how,
            finding: FindingView::of($h->finding, $units),
            working: ($h->harms[0]->working ?? null) === null ? null : WorkingView::of($h->harms[0]->working, $units),
        );
    }
}
