<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A probe past its calibration still controls. */
final readonly class ProbeOverdue implements Row
{
    public function code(): string
    {
        return 'K-20r';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->holds() as [$outlet, $hold]) {
            $probe = $setup->probes[$hold->probe] ?? null;
            if ($probe !== null && $probe->overdueDays === null) {
                $found[] = Objection::of(
                    Severity::Watch,
                    $this->code(),
                    $outlet->id,
                    Phrase::NobodyHasSaidWhenTheProbe,
                    Phrase::ItMayHaveDrifted,
                    Phrase::WriteDownWhenItWasCalibrated,
                    ['place' => $outlet->place],
                );

                continue;
            }
            if ($probe === null || $probe->overdueDays > 0) {
                $found[] = Objection::of(
                    Severity::Fix,
                    $this->code(),
                    $outlet->id,
                    $probe === null
                        ? Phrase::ReadsAProbe
                        : Phrase::TheProbeOfIsDaysPast,
                    Phrase::ControlFollowsItWhereverItDrifts,
                    Phrase::CalibrateItOrExchangeIt,
                    ['place' => $outlet->place, 'days' => $probe === null ? 0.0 : $probe->overdueDays],
                );
            }
        }

        return $found;
    }
}
