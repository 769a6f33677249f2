<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** What comes down when the return stops, and whether the sump takes it (B-32). */
final readonly class DrainDown
{
    /** Share of the spare room that must stay free. */
    public const MARGIN = 0.15;

    private function __construct(
        public float $downL,
        public float $spareL,
        /** (spare − down)/spare, %. */
        public float $marginPct,
        public float $overflowL,
        /** Highest running level at which the margin still holds, mm above the sump's inside floor. */
        public float $highestLevelMm,
    ) {
    }

    public function holds(): bool
    {
        return $this->downL <= (1 - self::MARGIN) * $this->spareL;
    }

    /** The verdict by these numbers alone. */
    public function finding(): Finding
    {
        $parts = [
            'down' => Quantity::of($this->downL, Kind::Volume),
            'spare' => Quantity::of($this->spareL, Kind::Volume),
            'margin' => Quantity::of($this->marginPct, Kind::Percent)->apartFrom(100 * self::MARGIN),
            'wanted' => Quantity::of(100 * self::MARGIN, Kind::Percent),
            'level' => Quantity::of(floor($this->highestLevelMm), Kind::Length),
            'over' => Quantity::of($this->overflowL, Kind::Volume)->apartFrom(0.0),
        ];
        $what = $this->overflowL > 0 ? Phrase::PowerCutPutsOnTheFloor : Phrase::PowerCutLeavesSpare;
        $remedy = match (true) {
            $this->holds() => null,
            $this->highestLevelMm > 0 => Sentence::of(Phrase::RunTheSumpAtOrLower, $parts),
            default => Sentence::of(Phrase::ALargerSump),
        };
        $why = Sentence::of(Phrase::ComeDownTheSumpTakesWanted, $parts);

        return Finding::of(
            $this->holds() ? Severity::Fine : Severity::Stop,
            'B-32',
            'sump',
            Sentence::of($what, $parts),
            $why,
            $remedy,
            Basis::Assumed,
        );
    }

    /**
     * @param  float  $outletDepthMm  deepest open outlet or siphon break below the weir edge; 0 if above
     *
     * @throws OutOfRange
     */
    public static function of(
        float $displayAreaM2,
        float $weirHeadMm,
        float $outletDepthMm,
        float $pipesL,
        float $sumpAreaM2,
        float $sumpRimMm,
        float $sumpLevelMm,
    ): self {
        Guard::positive('displayAreaM2', $displayAreaM2);
        Guard::notNegative('weirHeadMm', $weirHeadMm);
        Guard::notNegative('outletDepthMm', $outletDepthMm);
        Guard::notNegative('pipesL', $pipesL);
        Guard::positive('sumpAreaM2', $sumpAreaM2);
        Guard::positive('sumpRimMm', $sumpRimMm);
        Guard::notNegative('sumpLevelMm', $sumpLevelMm);
        if ($sumpLevelMm >= $sumpRimMm) {
            throw OutOfRange::number(
                'sumpLevelMm',
                $sumpLevelMm,
                Phrase::BelowTheSumpsRim,
                ['sumpRimMm' => Quantity::of($sumpRimMm, Kind::Length)],
            );
        }
        $down = $displayAreaM2 * ($weirHeadMm + $outletDepthMm) + $pipesL;
        $spare = $sumpAreaM2 * ($sumpRimMm - $sumpLevelMm);

        return new self(
            $down,
            $spare,
            (100 * ($spare - $down)) / $spare,
            max(0.0, $down - $spare),
            $sumpRimMm - $down / $sumpAreaM2 / (1 - self::MARGIN),
        );
    }
}
