<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Solve;

/** Where the pump's curve meets the line: H = Hmax·(1 − (Q/Qmax)²) against static head and losses (B-23). */
final readonly class ReturnFlow
{
    private function __construct(public float $flowLh, public float $headM, public float $velocityMs)
    {
    }

    /** @throws OutOfRange */
    public static function of(float $maxHeadM, float $maxFlowLh, float $staticM, Pipe $pipe): self
    {
        Guard::positive('maxHeadM', $maxHeadM);
        Guard::positive('maxFlowLh', $maxFlowLh);
        Guard::notNegative('staticM', $staticM);
        if ($staticM >= $maxHeadM) {
            return new self(0.0, $maxHeadM, 0.0);
        }
        $pump = fn (float $q): float => $maxHeadM * (1 - ($q / $maxFlowLh) ** 2);
        $flow = Solve::rising(fn (float $q): float => $staticM + $pipe->lossM($pipe->velocityMs($q)) - $pump($q), 0, $maxFlowLh);

        return new self($flow, $pump($flow), $pipe->velocityMs($flow));
    }
}
