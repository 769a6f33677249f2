<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\KnownFacts;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Heat\Evaporation;
use Velbrin\Core\Heat\LimitSide;
use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Severity;

/** A low alarm that calls so late that harm comes before help, with the heaters dead in the coldest night. */
final readonly class AlarmLate implements Row
{
    public function code(): string
    {
        return 'K-20d';
    }

    public function look(Setup $setup): array
    {
        $facts = $setup->facts;
        if ($setup->doing(Job::Heater) === []) {
            return [];
        }
        $found = [];
        foreach ($setup->alarms as $alarm) {
            $probe = $setup->probes[$alarm->probe ?? ''] ?? null;
            if ($probe?->quantity !== 'temperature' || $alarm->low === null) {
                continue;
            }
            $hours = self::hours($facts, $alarm->low);
            if ($hours === null || $facts->helpMin === null) {
                $found[] = Objection::of(
                    Severity::Watch,
                    $this->code(),
                    $alarm->id,
                    Phrase::WhetherCallsInTimeNobodyCan,
                    Phrase::ItTakesTheLitres,
                    Phrase::CompleteTheRecord,
                    ['alarm' => $alarm->id],
                );

                continue;
            }
            $needsH = ($alarm->delayS / 60 + $facts->helpMin) / 60;
            if ($hours < $needsH) {
                $found[] = Objection::of(
                    Severity::Fix,
                    $this->code(),
                    $alarm->id,
                    Phrase::FromWhereCallsHarmIsH,
                    Phrase::WithTheHeatersDead,
                    Phrase::AHigherLimit,
                    [
                        'alarm' => $alarm->id,
                        'limit' => Objection::value($alarm->low, $probe),
                        'hours' => round($hours, 1),
                        'needs' => round($needsH, 1),
                    ],
                );
            }
        }

        return $found;
    }

    /** h from that temperature to harm without heat; INF: never; null: too little is known. */
    private static function hours(KnownFacts $facts, float $fromC): ?float
    {
        if ($facts->volumeL === null || $facts->lossWK === null || $facts->coldestC === null || $facts->lowHarmC === null) {
            return null;
        }
        if ($facts->evaporationLd === null) {
            return null;
        }
        if ($fromC <= $facts->lowHarmC) {
            return 0.0;
        }

        return TemperatureCourse::of(
            volumeL: $facts->volumeL,
            uaWK: $facts->lossWK,
            powerW: $facts->backgroundW ?? 0.0,
            // The worst day’s evaporation: what leaves with it leaves in the coldest night too.
            evaporationW: (Evaporation::heatKjKg($fromC) * (float) $facts->evaporationLd) / 86.4,
            roomC: $facts->coldestC,
            startC: $fromC,
            hours: 24,
            limitC: $facts->lowHarmC,
            limitSide: LimitSide::Lower,
        )->hoursToLimit ?? INF;
    }
}
