<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A guard within what a usual day reaches: it acts without a fault. */
final readonly class GuardInSwing implements Row
{
    public function code(): string
    {
        return 'K-20e';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->programme->guards as $guard) {
            foreach ($guard->when as $condition) {
                $probe = $setup->probes[$condition->probe ?? ''] ?? null;
                if ($probe === null || $condition->limit === null) {
                    continue;
                }
                if (! $probe->knowsItsDay()) {
                    $found[] = Objection::of(
                        Severity::Watch,
                        $this->code(),
                        $guard->id,
                        Phrase::NobodyCanSayYetWhether,
                        Phrase::ItNeedsSevenDaysOfReadings,
                        Phrase::LookAgainWhenTheyAreThere,
                        ['place' => $setup->place($guard->outlet)],
                    );

                    continue;
                }
                $reach = $condition->above
                    ? (float) $probe->dailyHigh + $probe->margin()
                    : (float) $probe->dailyLow - $probe->margin();
                if ($condition->above ? $condition->limit < $reach : $condition->limit > $reach) {
                    $found[] = Objection::of(
                        Severity::Fix,
                        $this->code(),
                        $guard->id,
                        Phrase::TheGuardOfAtLiesWithin,
                        Phrase::ItActsWithoutAFault,
                        Phrase::PutItBeyond,
                        [
                            'place' => $setup->place($guard->outlet),
                            'limit' => Objection::value($condition->limit, $probe),
                            'reach' => Objection::value($reach, $probe),
                        ],
                    );
                }
            }
        }

        return $found;
    }
}
