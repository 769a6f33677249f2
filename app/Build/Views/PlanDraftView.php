<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\DraftRows;
use App\Build\Plan;
use App\Build\PlanReader;
use App\House\Views\HoleView;

/** The draft as typed, and beneath it what the survey brings. */
final readonly class PlanDraftView
{
    /**
     * @param  array<string, float|string>  $values
     * @param  array<string, string>  $bases
     * @param  list<ChamberView>  $chambers
     * @param  list<OtherVesselView>  $vessels
     * @param  list<LampView>  $lamps
     * @param  list<LightPointView>  $points
     * @param  list<HoleView>  $holes
     * @param  list<GearView>  $gear
     * @param  array<string, float|string>  $survey
     */
    private function __construct(public array $values, public array $bases, public array $chambers, public array $vessels, public array $lamps, public array $points, public array $holes, public array $gear, public array $survey)
    {
    }

    public static function of(Plan $plan): self
    {
        $values = $bases = [];
        foreach (is_array($plan->draft['values'] ?? null) ? $plan->draft['values'] : [] as $key => $value) {
            if (is_int($value) || is_float($value) || is_string($value)) {
                $values[(string) $key] = is_string($value) ? $value : (float) $value;
            }
        }
        foreach (is_array($plan->draft['bases'] ?? null) ? $plan->draft['bases'] : [] as $key => $basis) {
            $bases[(string) $key] = is_array($basis) && is_string($basis['basis'] ?? null) ? $basis['basis'] : 'measured';
        }
        $rows = DraftRows::of($plan->draft);

        return new self(
            $values, $bases, array_map(ChamberView::of(...), $rows['chambers']), array_map(OtherVesselView::of(...), $rows['vessels']), array_map(LampView::of(...), $rows['lamps']), array_map(LightPointView::of(...), $rows['points']), array_map(HoleView::of(...), $rows['holes']), array_map(GearView::of(...), $rows['gear']),
            PlanReader::survey($plan->room)['values'],
        );
    }
}
