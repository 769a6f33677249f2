<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Measure\Severity;

/** What an outlet does when its strip hears nothing more, where that drowns, poisons or is not said. */
final readonly class LostLinkUnsafe implements Row
{
    public function code(): string
    {
        return 'K-20k';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->programme->outlets as $outlet) {
            $job = ($setup->hung[$outlet->id] ?? null)?->job;
            $adds = in_array($job, [Job::TopOff, Job::Doser, Job::RoUnit, Job::Reactor], true);
            $keeps = in_array($job, [Job::ReturnPump, Job::CirculationPump], true);
            $states = [$outlet->lostLinkLevel ?? 0.0, $outlet->lostLinkAt(true) ?? 0.0];
            [$severity, $what] = match (true) {
                $outlet->lostLinkLevel === null => [Severity::Fix, Phrase::NobodyHasSaidWhatDoesWithout],
                $adds && max($states) > 0 => [Severity::Stop, Phrase::WithoutItsLinkStaysOn],
                $keeps && min($states) <= 0 => [Severity::Fix, Phrase::WithoutItsLinkStandsStill],
                $job === Job::Light && max($states) > 0 => [Severity::Watch, Phrase::WithoutItsLinkStaysLit],
                default => [null, null],
            };
            if ($severity !== null && $what !== null) {
                $found[] = Objection::of(
                    $severity,
                    $this->code(),
                    $outlet->id,
                    $what,
                    Phrase::ALinkIsLostSomeDay,
                    match (true) {
                        $adds, $severity === Severity::Watch => Phrase::OffWithoutALink2,
                        $keeps => Phrase::OnWithoutALink2,
                        default => Phrase::SayOnOrOff,
                    },
                    ['place' => $outlet->place],
                );
            }
        }

        return $found;
    }
}
