<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

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
            if ($probe === null || ($probe->overdueDays ?? 0.0) > 0) {
                $found[] = Objection::of(
                    Severity::Fix,
                    $this->code(),
                    $outlet->id,
                    $probe === null
                        ? '{place} reads a probe that is not there'
                        : 'The probe of {place} is {days} days past its calibration',
                    'Control follows it wherever it drifts.',
                    'Calibrate it, or exchange it.',
                    ['place' => $outlet->place, 'days' => $probe->overdueDays ?? 0.0],
                );
            }
        }

        return $found;
    }
}
