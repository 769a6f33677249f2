<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Load;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** How many straps over the top hold a load back by friction (EN 12195-1), where gaps are not filled. */
final class Straps
{
    /** Braking, and bends or starting, in g. */
    public const BRAKING = 0.8;

    public const ELSE = 0.5;

    private const G = 9.81;

    /** Where nobody knows what it stands on. */
    private const FRICTION = 0.3;

    /** For the direction of travel, and the others. */
    /** What a usual ratchet gives in the strap, N. */
    private const RATCHET_N = 3500.0;

    private const SAFETY = ['forward' => 1.25, 'side' => 1.1];

    /**
     * @param  float  $tensionN  a ratchet gives in the strap, N
     * @param  float  $angleDeg  of the strap to the floor
     *
     * @throws OutOfRange
     */
    public static function count(
        float $kg,
        float $tensionN = self::RATCHET_N,
        float $angleDeg = 90.0,
        bool $forward = true,
        float $friction = self::FRICTION,
    ): int {
        Guard::positive('kg', $kg);
        Guard::positive('tensionN', $tensionN);
        Guard::within('angleDeg', $angleDeg, 1, 90);
        Guard::within('friction', $friction, 0.01, 1);
        $pull = $forward ? self::BRAKING : self::ELSE;
        $safety = self::SAFETY[$forward ? 'forward' : 'side'];
        $wanted = ($pull - $friction) * $kg * self::G * $safety;

        return max(0, (int) ceil($wanted / (2 * $friction * sin(deg2rad($angleDeg)) * $tensionN)));
    }
}
