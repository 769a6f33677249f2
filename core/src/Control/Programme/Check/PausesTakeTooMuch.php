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
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;

/** Pauses that take so much of a day that what they rest is missed: food is then worse than none (K-63). */
final readonly class PausesTakeTooMuch implements Row
{
    /** Of a day, at rest. */
    private const MOST_SKIMMER = 0.25;

    private const MOST_CIRCULATION = 0.10;

    public function code(): string
    {
        return 'K-63';
    }

    public function look(Setup $setup): array
    {
        return [
            ...$this->over($setup, self::MOST_SKIMMER, Job::Skimmer),
            ...$this->over($setup, self::MOST_CIRCULATION, Job::CirculationPump),
        ];
    }

    /** @return list<Finding> */
    private function over(Setup $setup, float $most, Job $job): array
    {
        $found = [];
        foreach ($setup->doing($job) as $outlet) {
            $restS = self::restS($outlet);
            if ($restS === null) {
                $found[] = Objection::unknown($this->code(), $outlet->id, $outlet->place, 'how often a day each pause is begun');
            } elseif ($restS > $most * 86_400) {
                $found[] = Objection::of(
                    Severity::Fix,
                    $this->code(),
                    $outlet->id,
                    Phrase::PausesRestItOfADay,
                    Phrase::MoreThanThatItsWorkIsMissed,
                    Phrase::FewerOrShorterPauses,
                    [
                        'place' => $outlet->place,
                        'hours' => Quantity::of($restS / 3600, Kind::Hours),
                        'most' => Quantity::of(100 * $most, Kind::Percent),
                    ],
                );
            }
        }

        return $found;
    }

    /** s a day at rest; null where nobody has said how often. */
    private static function restS(Outlet $outlet): ?float
    {
        $restS = 0.0;
        foreach ($outlet->pauses as $pause) {
            if ($pause->level > 0) {
                continue;
            }
            if ($pause->timesADay === null) {
                return null;
            }
            $restS += $pause->timesADay * $pause->lengthS;
        }

        return $restS;
    }
}
