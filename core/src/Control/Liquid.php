<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

/** What a dosing head, a reactor or a valve gives. */
enum Liquid: string
{
    case Hydroxide = 'hydroxide';
    case Carbonate = 'carbonate';
    case Bicarbonate = 'bicarbonate';
    case Calcium = 'calcium';
    case Magnesium = 'magnesium';
    case CarbonDioxide = 'carbon-dioxide';
    case Other = 'other';

    public function label(): string
    {
        return match ($this) {
            self::Hydroxide => 'hydroxide (limewater, lye)',
            self::CarbonDioxide => 'carbon dioxide',
            self::Other => 'something else',
            default => $this->value,
        };
    }

    /** mmol of dissolved carbon with each meq of alkalinity; null: it brings none. */
    public function dicPerMeq(): ?float
    {
        return match ($this) {
            self::Hydroxide => 0.0,
            self::Carbonate => 0.5,
            self::Bicarbonate => 1.0,
            default => null,
        };
    }
}
