<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Chemistry\AmmoniaJudgement;
use Velbrin\Core\Chemistry\FreeAmmonia;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** How long animals are brought over from one water to another (L-20), and when waiting harms more than the jump. */
final readonly class Acclimation
{
    private const MIN_PER_K = 15.0;

    private const MIN_PER_GKG = 15.0;

    private const MIN_PER_PH = 150.0;

    /** Free ammonia in the box from which nobody waits, mg/L as N. */
    private const STRAIGHT_MG_L = AmmoniaJudgement::STOP_MG_L;

    private function __construct(
        public float $minutes,
        /** Straight into water matched to the box: its ammonia burns while one drips. */
        public bool $isStraight,
    ) {
    }

    /**
     * @param  float  $totalMgL  total ammonia in the box, as N
     *
     * @throws OutOfRange
     */
    public static function of(
        float $fromC,
        float $toC,
        float $fromSalinity,
        float $toSalinity,
        float $fromPh,
        float $toPh,
        float $totalMgL = 0.0,
    ): self {
        Guard::finite('fromC', $fromC);
        Guard::finite('toC', $toC);
        $minutes = max(
            self::MIN_PER_K * abs($toC - $fromC),
            self::MIN_PER_GKG * abs($toSalinity - $fromSalinity),
            self::MIN_PER_PH * abs($toPh - $fromPh),
        );
        // Opening a box lets its carbon dioxide out: pH rises, and with it the share that harms.
        $free = FreeAmmonia::mgL($totalMgL, max($fromPh, $toPh), $fromC, $fromSalinity);

        return new self($minutes, $free >= self::STRAIGHT_MG_L);
    }
}
