<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Hold;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** Heating that is still on where cooling begins: both run against each other. */
final readonly class BandsOverlap implements Row
{
    public function code(): string
    {
        return 'K-20a';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->holds() as [$heats, $up]) {
            foreach ($setup->holds() as [$cools, $down]) {
                $probe = $setup->probes[$up->probe] ?? null;
                $isPair = $up->raises() && ! $down->raises() && $probe !== null &&
                    $probe->quantity === ($setup->probes[$down->probe] ?? null)?->quantity;
                if ($isPair && self::top($up) >= self::bottom($down)) {
                    $found[] = Objection::of(
                        Severity::Fix,
                        $this->code(),
                        $heats->id,
                        Phrase::StopsAtWhereAlreadyRuns,
                        Phrase::BothRunAgainstEachOther,
                        Phrase::LetTheOneStopBelow,
                        [
                            'heats' => $heats->place,
                            'cools' => $cools->place,
                            'stop' => Objection::value(self::top($up), $probe),
                        ],
                    );
                }
            }
        }

        return $found;
    }

    private static function top(Hold $hold): float
    {
        return max($hold->startAt, $hold->stopAt);
    }

    private static function bottom(Hold $hold): float
    {
        return min($hold->startAt, $hold->stopAt);
    }
}
