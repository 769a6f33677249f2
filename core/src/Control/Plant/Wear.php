<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Check\RelayWorn;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;

/** Outlets that start so often in a run that they wear (K-55): by guard, rule or alarm, whatever makes them. */
final class Wear
{
    /** Counted over the worst so many hours of a run: an hour of a fault is not a life. */
    private const OVER_H = 6.0;

    /** @return list<Finding> the most restless first */
    public static function of(Run $run, Setup $setup): array
    {
        $found = [];
        foreach ($run->outlets as $id => $changes) {
            $perH = self::startsPerH($changes);
            $isCompressor = ($setup->hung[$id] ?? null)?->job === Job::Chiller;
            if ($perH <= RelayWorn::mostPerH($isCompressor)) {
                continue;
            }
            $found[] = [$perH, Objection::of(
                $isCompressor ? Severity::Fix : Severity::Watch,
                'K-55',
                (string) $id,
                Phrase::ItStartsTimesAnHour,
                $isCompressor ? Phrase::ACompressorBearsSixStarts : Phrase::AtThatRateWornIn,
                Phrase::WaitBeforeItIsOnAgain,
                [
                    'place' => $setup->place((string) $id),
                    'n' => round($perH, $perH < 10 ? 1 : 0),
                    'life' => Quantity::of(RelayWorn::CLICKS / $perH / 24, Kind::Days),
                ],
            )];
        }
        usort($found, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column($found, 1);
    }

    /**
     * In the worst hours of the run.
     *
     * @param  list<array{fromS: float, level: float, says: string}>  $changes
     */
    private static function startsPerH(array $changes): float
    {
        $startsS = [];
        $was = 1.0;
        foreach ($changes as ['fromS' => $fromS, 'level' => $level]) {
            if ($level > 0 && $was <= 0) {
                $startsS[] = $fromS;
            }
            $was = $level;
        }
        $most = $first = 0;
        foreach ($startsS as $n => $atS) {
            while ($startsS[$first] <= $atS - self::OVER_H * 3600) {
                $first++;
            }
            $most = max($most, $n - $first + 1);
        }

        return $most / self::OVER_H;
    }
}
