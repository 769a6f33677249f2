<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
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
            $wrong = match (true) {
                $outlet->lostLinkLevel === null => [Severity::Fix, 'Nobody has said what {place} does without its link'],
                $adds && $outlet->lostLinkLevel > 0 => [Severity::Stop, 'Without its link {place} stays on and adds without an end'],
                $keeps && $outlet->lostLinkLevel <= 0 => [Severity::Fix, 'Without its link {place} stands still, and the water with it'],
                default => null,
            };
            if ($wrong !== null) {
                $found[] = Objection::of(
                    $wrong[0],
                    $this->code(),
                    $outlet->id,
                    $wrong[1],
                    'A link is lost some day, and nobody is there.',
                    match (true) {
                        $adds => 'Off without a link.',
                        $keeps => 'On without a link.',
                        default => 'Say on or off; the one that does less harm until somebody comes.',
                    },
                    ['place' => $outlet->place],
                );
            }
        }

        return $found;
    }
}
