<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

/** How long a step takes, by what there is to do (M-8): house values, in whole minutes. */
final class StepMinutes
{
    public const LAMP = 10.0;

    public const CORAL = 2.0;

    public const GLUED_CORAL = 5.0;

    /** Rock or sand, for each kg, two people. */
    public const ROCK_KG = 0.5;

    /** A fish with the rock out and little water, and one among rock. */
    public const FISH = 3.0;

    public const FISH_AMONG_ROCK = 12.0;

    public const UNION = 5.0;

    public const TANK = 25.0;

    public const STAND = 20.0;

    public const LEVEL = 45.0;

    public const LASHING = 15.0;

    public const LEAK_LOOK = 60.0;

    /** Between a heater switched off and its glass in the air (M-20). */
    public const HEATER_COOLS = 15;

    /** To stow one thing. */
    private const STOW = 1.0;

    /** One way and back with something in the hands. */
    private const TRIP = 1.5;

    private const METRES_A_MIN = 30.0;

    private const FLIGHT = 0.8;

    /** Driving takes so much longer with a load that must not shake. */
    private const GENTLY = 1.25;

    public static function whole(float $minutes): int
    {
        return (int) ceil($minutes - 1e-9);
    }

    /** Of so many litres at that rate. */
    public static function water(float $litres, float $litresPerH): int
    {
        return self::whole((60 * $litres) / $litresPerH);
    }

    /** Of so many things, one trip each, over metres and flights of stairs. */
    public static function carrying(int $things, float $metres, int $flights): int
    {
        return self::whole($things * (self::TRIP + $metres / self::METRES_A_MIN + self::FLIGHT * $flights + self::STOW));
    }

    public static function driving(int $minutes): int
    {
        return self::whole(self::GENTLY * $minutes);
    }
}
