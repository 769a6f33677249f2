<?php

declare(strict_types=1);

namespace App\Reports;

use App\Build\AcceptedRisk;
use App\Build\PassedStage;
use App\Build\PlanVersion;
use App\Build\Waiver;
use App\Systems\System;
use Velbrin\Core\Build\StageGate;

/** What was accepted although it is not as it should be: risks, waived Stops, stages passed without their proof. */
final readonly class AcceptedWith
{
    /** @return list<string> what was passed without its proof, and every Stop that was waived */
    public static function of(System $system): array
    {
        $version = PlanVersion::query()
            ->with(['waivers', 'passedStages', 'risks'])
            ->find($system->plan_version_id);
        if ($version === null) {
            return [];
        }

        return [
            ...$version->risks
                ->map(
                    fn (AcceptedRisk $r): string => "{$r->words()}; looked at again on {$r->review_on->format(
                        'j M Y',
                    )} ({$r->signed_by}, {$r->signed_on->format('j M Y')})",
                )
                ->values()
                ->all(),
            ...$version->waivers
                ->map(
                    fn (Waiver $w): string => "{$w->what}: {$w->reason} ({$w->signed_by}, {$w->signed_on->format(
                        'j M Y',
                    )})",
                )
                ->values()
                ->all(),
            ...$version->passedStages
                ->where('by', StageGate::WAIVER)
                ->map(
                    fn (PassedStage $p): string => ucfirst(str_replace('-', ' ', $p->stage)).
                        ": {$p->words} ({$p->signed_by}, {$p->passed_on->format('j M Y')})",
                )
                ->values()
                ->all(),
        ];
    }
}
