<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Outlet;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;

/**
 * States without a link are looked at together (X-26): a skimmer that goes on where its return stands still boils over; on an outlet of
 * its own it goes on when the return fails too, with nothing left that stops it (K-13).
 */
final readonly class SkimmerWithoutReturn implements Row
{
    public function code(): string
    {
        return 'X-26';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->doing(Job::Skimmer) as $skimmer) {
            foreach ($setup->doing(Job::ReturnPump) as $pump) {
                $worst = $this->worst($skimmer, $pump);
                if ($worst !== null) {
                    $found[] = $worst;
                }
            }
        }

        return $found;
    }

    private function worst(Outlet $skimmer, Outlet $pump): ?Finding
    {
        $goesOn = array_filter([false, true], fn (bool $isSummer): bool => $skimmer->lostLinkAt($isSummer) > 0);
        if ($goesOn === []) {
            return null;
        }
        $stands = array_filter($goesOn, fn (bool $isSummer): bool => $pump->lostLinkAt($isSummer) <= 0);

        return Objection::of(
            $stands === [] ? Severity::Watch : Severity::Fix,
            $this->code(),
            $skimmer->id,
            $stands === [] ? Phrase::WithoutALinkGoesOnAlone : Phrase::WithoutALinkGoesOnWithoutReturn,
            $stands === [] ? Phrase::NothingStopsItThen : Phrase::TheSumpThenStandsHigh,
            Phrase::OffWithoutALink2,
            ['skimmer' => $skimmer->place, 'pump' => $pump->place],
        );
    }
}
