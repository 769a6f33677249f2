<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Light\DayPlan;
use Velbrin\Core\Light\LightDay;
use Velbrin\Core\Measure\OutOfRange;

/** The plan's day of light: its channels where they are listed, all lamps as one where not. */
final class LitDay
{
    /**
     * @throws OutOfRange at a channel whose ramps do not fit its hours, or whose share makes more than the whole
     */
    public static function of(Facts $facts): DayPlan
    {
        $channels = [];
        $last = 0;
        foreach ($facts->brief->rows('channels') as $row) {
            $last = $row->row;
            $until = fmod($row->number('fromH') + $row->number('hours'), 24);
            try {
                $channels[] = [
                    $row->called('channel'),
                    $row->number('sharePct') / 100,
                    LightDay::of($row->number('fromH'), $until, $row->number('rampH'), $row->number('topPct') / 100),
                ];
            } catch (OutOfRange $e) {
                throw $e->as("channels.{$row->row}.".($e->field === 'rampH' ? 'rampH' : 'hours'));
            }
        }
        try {
            return $channels === []
                ? DayPlan::single(
                    LightDay::of(
                        0,
                        min(24.0, $facts->number(F::LightHours)),
                        $facts->number(F::LightRampH),
                        $facts->number(F::LightTopPct) / 100,
                    ),
                )
                : DayPlan::of($channels);
        } catch (OutOfRange $e) {
            throw $channels === [] ? $e : $e->as("channels.{$last}.sharePct");
        }
    }
}
