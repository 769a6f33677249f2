<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves;

/** What a box is made of (M-23): heat that passes a square metre, by wall and wind; surface resistances after ISO 6946. */
enum BoxWall: string
{
    case Open = 'open';
    case Bin = 'bin';
    case Foam = 'foam';

    /** m²K/W outside, in still air and in wind. */
    private const STILL = 0.13;

    private const WIND = 0.04;

    /** And inside, where water moves. */
    private const INSIDE = 0.003;

    /** 2 mm of plastic, 30 mm of foam: thickness by conductivity, m²K/W. */
    private const PLASTIC = 0.01;

    private const FOAM_30 = 0.857;

    /** Without a lid the water’s own surface loses more than any wall, W/(m²K). */
    private const OPEN_STILL = 12.0;

    private const OPEN_WIND = 27.0;

    public function label(): string
    {
        return match ($this) {
            self::Open => 'bin without a lid',
            self::Bin => 'bin with a lid',
            self::Foam => '30 mm foam box',
        };
    }

    /** W/(m²K). */
    public function passes(bool $isWindy): float
    {
        return match ($this) {
            self::Open => $isWindy ? self::OPEN_WIND : self::OPEN_STILL,
            self::Bin => 1 / (self::INSIDE + self::PLASTIC + self::outside($isWindy)),
            self::Foam => 1 / (self::INSIDE + self::FOAM_30 + self::outside($isWindy)),
        };
    }

    /** m²K/W on the outside. */
    public static function outside(bool $isWindy): float
    {
        return $isWindy ? self::WIND : self::STILL;
    }
}
