<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Day;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Outlet;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** A refugium meant to be lit against the display, and lit with it: it takes no carbon dioxide in the hours when that rises (K-20o). */
final readonly class RefugiumWithDisplay implements Row
{
    /** Of the refugium's light in hours when the display is lit: from here on it is no reverse any more. */
    private const MOST_SHARE = 0.5;

    private const STEP_MIN = 5;

    public function code(): string
    {
        return 'K-20o';
    }

    public function look(Setup $setup): array
    {
        $lamps = $setup->doing(Job::Light);
        $over = fn (bool $isReversed): array => array_values(array_filter(
            $lamps,
            fn (Outlet $o): bool => $o->rule instanceof Day && $o->isReversed === $isReversed,
        ));
        $found = [];
        foreach ($over(true) as $lamp) {
            if (self::share($lamp, $over(false)) > self::MOST_SHARE) {
                $found[] = Objection::of(
                    Severity::Watch,
                    $this->code(),
                    $lamp->id,
                    Phrase::IsLitWithTheDisplay,
                    Phrase::ByNightCarbonDioxideRises,
                    Phrase::LightItWhileTheDisplayIsDark,
                    ['place' => $lamp->place],
                );
            }
        }

        return $found;
    }

    /**
     * Of the hours that lamp is on, those when one of the others is.
     *
     * @param  list<Outlet>  $others
     */
    private static function share(Outlet $lamp, array $others): float
    {
        $lit = $both = 0;
        for ($minute = 0; $minute < 1440; $minute += self::STEP_MIN) {
            if (! self::isLit($lamp, $minute)) {
                continue;
            }
            $lit++;
            $both += array_filter($others, fn (Outlet $o): bool => self::isLit($o, $minute)) === [] ? 0 : 1;
        }

        return $lit === 0 ? 0.0 : $both / $lit;
    }

    private static function isLit(Outlet $lamp, int $minute): bool
    {
        return $lamp->rule instanceof Day && $lamp->rule->at((float) $minute) > 0;
    }
}
