<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/**
 * How often a heater switches within its dead band (K-20): up at P − q, down at q. A band narrower than two steps of the probe chatters.
 */
final readonly class DeadBand
{
    /** Steps of the probe a band must be wide. */
    public const STEPS = 2.0;

    private function __construct(
        public float $cyclesPerHour,
        /** The heater is stronger than the loss. */
        public bool $holds,
        public bool $chatters,
    ) {
    }

    public function finding(): Finding
    {
        [$severity, $what, $why, $remedy] = match (true) {
            ! $this->holds => [
                Severity::Fix,
                Phrase::TheHeaterDoesNotHold,
                Phrase::ItGivesLessThanIsLost,
                Phrase::MoreWattsOrLessLoss,
            ],
            $this->chatters => [
                Severity::Fix,
                Phrase::TheDeadBandChatters,
                Phrase::ItIsNarrowerThanTwoSteps,
                Phrase::AWiderBand,
            ],
            default => [
                Severity::Fine,
                Phrase::TheDeadBandHoldsWithoutChattering,
                Phrase::ItIsAtLeastTwoSteps,
                null,
            ],
        };

        return Finding::of(
            $severity,
            'K-20',
            'heat',
            Sentence::of($what),
            Sentence::of($why),
            $remedy === null ? null : Sentence::of($remedy),
            Basis::Assumed,
        );
    }

    /**
     * @param  float  $lossW  net at the set point
     * @param  float  $resolutionK  of the probe
     *
     * @throws OutOfRange
     */
    public static function of(float $volumeL, float $heaterW, float $lossW, float $deadBandK, float $resolutionK): self
    {
        Guard::positive('volumeL', $volumeL);
        Guard::notNegative('heaterW', $heaterW);
        Guard::finite('lossW', $lossW);
        Guard::positive('deadBandK', $deadBandK);
        Guard::notNegative('resolutionK', $resolutionK);
        $holds = $heaterW > $lossW;
        $perBandWh = TemperatureCourse::capacityWhK($volumeL) * $deadBandK;
        $cycles = $holds && $lossW > 0 ? 1 / ($perBandWh / ($heaterW - $lossW) + $perBandWh / $lossW) : 0.0;

        return new self($cycles, $holds, $deadBandK < self::STEPS * $resolutionK);
    }
}
