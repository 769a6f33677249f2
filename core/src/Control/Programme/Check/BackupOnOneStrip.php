<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** Two heaters on one strip: it takes both with it. */
final readonly class BackupOnOneStrip implements Row
{
    public function code(): string
    {
        return 'K-20i';
    }

    public function look(Setup $setup): array
    {
        $strips = $found = [];
        $heaters = $setup->doing(Job::Heater);
        foreach ($heaters as $outlet) {
            $strip = ($setup->hung[$outlet->id] ?? null)?->strip;
            if ($strip !== null) {
                $strips[$strip][] = $outlet->place;
            } elseif (count($heaters) > 1) {
                $found[] = Objection::of(
                    Severity::Watch,
                    $this->code(),
                    $outlet->id,
                    Phrase::NobodyHasSaidOnWhichStrip,
                    Phrase::PerhapsOnTheOneThatTakes,
                    Phrase::WriteDownTheStrip,
                    ['place' => $outlet->place],
                );
            }
        }
        foreach ($strips as $strip => $places) {
            if (count($places) > 1) {
                $found[] = Objection::of(
                    Severity::Watch,
                    $this->code(),
                    (string) $strip,
                    Phrase::AllOnStrip,
                    Phrase::TheStripTakes,
                    Phrase::PutOneOfThemOnAnother,
                    ['strip' => (string) $strip, 'places' => implode(', ', $places)],
                );
            }
        }

        return $found;
    }
}
