<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;

/** All that hangs on a strip draws more than it carries. */
final readonly class StripOverloaded implements Row
{
    public function code(): string
    {
        return 'K-20j';
    }

    public function look(Setup $setup): array
    {
        $loads = $rated = [];
        foreach ($setup->hung as $hung) {
            if ($hung->strip !== null) {
                $loads[$hung->strip] = ($loads[$hung->strip] ?? 0.0) + $hung->watts;
                $rated[$hung->strip] = $hung->stripRatedW ?? $rated[$hung->strip] ?? null;
            }
        }
        $found = [];
        foreach ($loads as $strip => $watts) {
            $most = $rated[$strip] ?? null;
            if ($most === null) {
                $found[] = Objection::unknown($this->code(), (string) $strip, "strip {$strip}", 'what the strip carries, W');
            } elseif ($watts > $most) {
                $found[] = Objection::of(
                    Severity::Stop,
                    $this->code(),
                    (string) $strip,
                    Phrase::StripCarriesAndHangOnIt,
                    Phrase::ItsContactsGrowHot,
                    Phrase::PartOfItOnAnotherStrip,
                    [
                        'strip' => (string) $strip,
                        'most' => Quantity::of($most, Kind::Power),
                        'watts' => Quantity::of($watts, Kind::Power),
                    ],
                );
            }
        }

        return $found;
    }
}
