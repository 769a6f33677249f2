<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** Who decides where people or buildings can be hurt: the answer computes and warns, a licensed or competent person confirms. */
enum Licensed: string
{
    case Engineer = 'A structural engineer and local code decide: confirm locally.';
    case Maker = 'The maker or an engineer confirms the pane.';
    case Competent = 'Fixing and ceiling to be confirmed on site by a competent person.';
    case Electrician = 'A licensed electrician installs and confirms; local code decides.';
    case Plumber = 'Whoever is licensed for the mains confirms; local code decides.';

    /** Who confirms what a rule says; null where nobody's licence is asked. */
    public static function for(string $rule): ?self
    {
        return match ($rule) {
            'B-10', 'B-11', 'B-12', 'B-77', 'B-91', 'B-95' => self::Engineer,
            'B-13' => self::Maker,
            'B-53', 'B-84', 'B-92' => self::Competent,
            'B-61', 'R-16', 'R-45' => self::Electrician,
            'W-56' => self::Plumber,
            default => null,
        };
    }
}
