<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** How many people carry a load without an aid (M-4, M-26): together they carry less than each alone, and less again on stairs. */
final readonly class CarryTeam
{
    /** What one person lifts, where nobody says otherwise, kg. */
    public const LIMIT_KG = 25.0;

    /** Share of all their limits that a team of so many carries. */
    public const SHARE = [1 => 1.0, 2 => 2 / 3, 3 => 1 / 2];

    public const ON_STAIRS = 2 / 3;

    private function __construct(
        /** The smallest team; null when none carries it. */
        public ?int $persons,
        /** Belts, a trolley or a hoist is needed. */
        public bool $needsAid,
    ) {
    }

    /** @throws OutOfRange */
    public static function of(float $kg, bool $stairs, float $limitKg = self::LIMIT_KG): self
    {
        Guard::positive('kg', $kg);
        Guard::positive('limitKg', $limitKg);
        foreach (self::SHARE as $persons => $share) {
            if ($kg <= $persons * $limitKg * $share * ($stairs ? self::ON_STAIRS : 1.0) + 1e-9) {
                return new self($persons, false);
            }
        }

        return new self(null, true);
    }
}
