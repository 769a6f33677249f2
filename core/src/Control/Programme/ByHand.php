<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/** What somebody does by hand, outlet by outlet, while the controller is dead: what keeps animals alive first. */
final class ByHand
{
    /** Kept alive by it first, in this order; what only adds stays off. */
    private const FIRST = [
        Job::ReturnPump, Job::CirculationPump, Job::Heater, Job::Chiller, Job::Fan, Job::Skimmer, Job::Light,
    ];

    /** @return list<array{outlet: Outlet, job: Job, says: Sentence}> the most pressing first */
    public static function of(Setup $setup): array
    {
        $lines = [];
        foreach ($setup->programme->outlets as $outlet) {
            $job = ($setup->hung[$outlet->id] ?? null)->job ?? Job::Other;
            $lines[] = ['outlet' => $outlet, 'job' => $job, 'says' => self::says($outlet, $job, $setup)];
        }
        $rank = function (Job $job): int {
            $at = array_search($job, self::FIRST, true);

            return $at === false ? count(self::FIRST) : $at;
        };
        usort($lines, fn (array $a, array $b): int => $rank($a['job']) <=> $rank($b['job']));

        return $lines;
    }

    private static function says(Outlet $outlet, Job $job, Setup $setup): Sentence
    {
        $rule = $outlet->rule;
        if ($rule instanceof Hold) {
            $probe = $setup->probes[$rule->probe] ?? null;
            $limit = fn (float $v): string|Quantity => $probe === null || $probe->quantity === 'temperature'
                ? Quantity::of($v, Kind::Temperature)
                : (string) $v;

            return Sentence::of(
                Phrase::ByAThermometerInTheWater,
                ['start' => $limit($rule->startAt), 'stop' => $limit($rule->stopAt)],
            );
        }

        return match (true) {
            $job === Job::ReturnPump, $job === Job::CirculationPump => Sentence::of(
                Phrase::IntoASocketThatAlways,
            ),
            $job === Job::Skimmer => Sentence::of(Phrase::OutUntilTheReturnHasRun),
            $job === Job::TopOff => Sentence::of(Phrase::OutFillUpByHand),
            in_array($job, [Job::Doser, Job::Reactor], true) => Sentence::of(Phrase::OutADayWithoutItHarms),
            $job === Job::RoUnit => Sentence::of(Phrase::OutAndItsTapShut),
            $job === Job::Light => Sentence::of(Phrase::ADayWithoutLightHarmsNothing),
            default => Sentence::of(Phrase::OutUntilSomebodyHasLooked),
        };
    }
}
