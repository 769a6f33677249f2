<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** What a bed loses between two measured profiles, and when it will lack so much that it is topped up (S-40). */
final readonly class SandLoss
{
    /** A bed is topped up when it lies so far under its aim, mm. */
    public const TOP_UP_AT_MM = 10.0;

    private const MONTH_DAYS = 30.44;

    private function __construct(public float $mmPerMonth, public ?float $dueInDays)
    {
    }

    /**
     * @param  float  $beforeMm  mean after the last topping up
     * @param  float  $nowMm  mean now, before topping up
     *
     * @throws OutOfRange
     */
    public static function between(float $beforeMm, float $nowMm, float $days, float $aimMm): self
    {
        Guard::positive('days', $days);
        Guard::notNegative('nowMm', $nowMm);
        $perMonth = (max(0.0, Guard::notNegative('beforeMm', $beforeMm) - $nowMm) / $days) * self::MONTH_DAYS;
        $left = $nowMm - (Guard::positive('aimMm', $aimMm) - self::TOP_UP_AT_MM);
        $dueIn = match (true) {
            $left <= 0 => 0.0,
            $perMonth <= 0 => null,
            default => ($left / $perMonth) * self::MONTH_DAYS,
        };

        return new self($perMonth, $dueIn);
    }
}
