<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Seawater\Seawater;

/** A band that switches so often that a relay is worn in years, or a compressor in months. */
final readonly class RelayWorn implements Row
{
    /** Clicks of a relay. */
    public const CLICKS = 100_000.0;

    private const YEARS = 3.0;

    /** Starts of a compressor in an hour. */
    private const STARTS_H = 6.0;

    public function code(): string
    {
        return 'K-55';
    }

    /** Starts an hour that neither a compressor nor a relay is worn by too soon. */
    public static function mostPerH(bool $isCompressor): float
    {
        return $isCompressor ? self::STARTS_H : self::CLICKS / (self::YEARS * 365.25 * 24);
    }

    public function look(Setup $setup): array
    {
        $volumeL = $setup->facts->volumeL;
        $found = [];
        foreach ($setup->holds() as [$outlet, $hold]) {
            $hung = $setup->hung[$outlet->id] ?? null;
            $probe = $setup->probes[$hold->probe] ?? null;
            $isThermal = in_array($hung?->job, [Job::Heater, Job::Chiller], true) && $probe?->quantity === 'temperature';
            if (! $isThermal) {
                continue;
            }
            if ($volumeL === null || $hung->watts <= 0) {
                $needs = $volumeL === null ? 'the litres of the system' : 'its watts';
                $found[] = Objection::unknown($this->code(), $outlet->id, $outlet->place, $needs);

                continue;
            }
            // The worst there can be: half of the power lost while it is off.
            $perHour = (3600 * $hung->watts) / (4 * $volumeL * Seawater::NEAR_J_PER_L_K * $hold->width());
            $isCompressor = $hung->job === Job::Chiller;
            if ($perHour > self::mostPerH($isCompressor)) {
                $found[] = Objection::of(
                    $isCompressor ? Severity::Fix : Severity::Watch,
                    $this->code(),
                    $outlet->id,
                    Phrase::MaySwitchTimesAnHour,
                    $isCompressor
                        ? Phrase::ACompressorBearsSixStarts
                        : Phrase::AtThatRateARelay,
                    Phrase::AWiderBand2,
                    ['place' => $outlet->place, 'n' => round($perHour, 1)],
                );
            }
        }

        return $found;
    }
}
