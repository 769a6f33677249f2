<?php

declare(strict_types=1);

namespace Velbrin\Core\Vessel;

enum Material: string
{
    case Glass = 'glass';
    case Acrylic = 'acrylic';

    /** kg/m³ (B-10). */
    public function densityKgM3(): float
    {
        return match ($this) {
            self::Glass => 2500.0,
            self::Acrylic => 1190.0,
        };
    }

    /** Thermal conductivity, W/(m·K) (B-40). */
    public function conductivityWMK(): float
    {
        return match ($this) {
            self::Glass => 1.0,
            self::Acrylic => 0.19,
        };
    }
}
