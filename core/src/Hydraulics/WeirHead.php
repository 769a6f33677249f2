<?php

declare(strict_types=1);

namespace Velbrin\Core\Hydraulics;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;

/**
 * Height of water over a weir edge that carries a flow (B-21).
 * Plain edge: Francis, Q = 1.84·(L − 0.2·h)·h^1.5 in m and m³/s, two end contractions, valid to h ≤ L/3.
 * Teeth: Q = 1.75·Σgaps·h^1.5 (Kindsvater–Carter), no contraction term.
 */
final class WeirHead
{
    public const FRANCIS = 1.84;

    public const TEETH = 1.75;

    private const ROUNDS = 40;

    /** Below this the plain formula is good to ±10 % only. */
    public const ROUGH_BELOW_MM = 60.0;

    /**
     * @return float headMm
     *
     * @throws OutOfRange on lengthMm when the edge is too short for the flow (head above a third of it)
     */
    public static function plainEdge(float $flowLh, float $lengthMm): float
    {
        Guard::notNegative('flowLh', $flowLh);
        Guard::positive('lengthMm', $lengthMm);
        $limit = $lengthMm / 3;
        if (self::plainFlowLh($limit, $lengthMm) < $flowLh) {
            throw OutOfRange::number(
                'lengthMm',
                $lengthMm,
                Phrase::LongEnoughThatTheHeadStays,
                [
                    'limit' => Quantity::of(ceil(self::shortestEdgeMm($flowLh)), Kind::Length),
                ],
            );
        }

        // h = (Q/(1.84·(L − 0.2·h)))^(2/3), repeated: each round brings it twenty times nearer.
        $head = 0.0;
        for ($i = 0; $i < self::ROUNDS; $i++) {
            $next = 1000 * ($flowLh / 3.6e6 / ((self::FRANCIS * ($lengthMm - 0.2 * $head)) / 1000)) ** (2 / 3);
            if ($next === $head) {
                break;
            }
            $head = $next;
        }

        return $head;
    }

    public static function teeth(float $flowLh, float $gapsMm): float
    {
        Guard::notNegative('flowLh', $flowLh);
        Guard::positive('gapsMm', $gapsMm);

        return 1000 * ($flowLh / 3.6e6 / ((self::TEETH * $gapsMm) / 1000)) ** (2 / 3);
    }

    /** Flow over a plain edge at that head, L/h. */
    public static function plainFlowLh(float $headMm, float $lengthMm): float
    {
        $h = max(0.0, $headMm) / 1000;

        return 3.6e6 * self::FRANCIS * max(0.0, $lengthMm / 1000 - 0.2 * $h) * $h ** 1.5;
    }

    /** Flow through teeth at that head, L/h. */
    public static function teethFlowLh(float $headMm, float $gapsMm): float
    {
        return ((3.6e6 * self::TEETH * $gapsMm) / 1000) * (max(0.0, $headMm) / 1000) ** 1.5;
    }

    /** With h = L/3: Q = 1.84·L·(1 − 0.2/3)·(L/3)^1.5. */
    private static function shortestEdgeMm(float $flowLh): float
    {
        return 1000 * ($flowLh / 3.6e6 / ((self::FRANCIS * (1 - 0.2 / 3)) / 3 ** 1.5)) ** 0.4;
    }
}
