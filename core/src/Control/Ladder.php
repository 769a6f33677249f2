<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** The rungs of one quantity, from harm to harm: each above the one before it (X-25). */
final readonly class Ladder
{
    /** In the order they must rise. */
    public const RUNGS = ['harmLow', 'alarmLow', 'heaterOn', 'heaterOff', 'fanOff', 'fanOn', 'alarmHigh', 'harmHigh'];

    /** @param  list<array{0: string, 1: string}>  $breaks  neighbouring rungs that do not rise, the lower name first */
    private function __construct(public array $breaks)
    {
    }

    /**
     * @param  array<string, float>  $rungs  any of them, by name
     *
     * @throws OutOfRange while fewer than two are given
     */
    public static function of(array $rungs): self
    {
        $given = array_values(array_filter(self::RUNGS, fn (string $name): bool => isset($rungs[$name])));
        if (count($given) < 2) {
            throw OutOfRange::field(
                'input',
                Phrase::AtLeastTwoRungsAreNeeded,
                Phrase::List,
                ['list' => implode(', ', self::RUNGS)],
            );
        }
        $breaks = [];
        $below = null;
        foreach ($given as $name) {
            if ($below !== null && $rungs[$name] <= $rungs[$below]) {
                $breaks[] = [$below, $name];
            }
            $below = $name;
        }

        return new self($breaks);
    }

    public function finding(): Finding
    {
        if ($this->isOrdered()) {
            $why = Sentence::of(Phrase::HarmAlarmAndControlLie);

            return Finding::of(
                Severity::Fine,
                'X-25',
                'heat',
                Sentence::of(Phrase::EveryRungStandsAbove),
                $why,
                null,
                Basis::Assumed,
            );
        }
        $pairs = implode(
            '; ',
            array_map(fn (array $pair): string => "{$pair[1]} is not above {$pair[0]}", $this->breaks),
        );

        return Finding::of(
            Severity::Fix,
            'X-25',
            'heat',
            Sentence::of(Phrase::TheRungsAreOutOfOrder, ['pairs' => $pairs]),
            Sentence::of(Phrase::AnAlarmBeyondHarmSoundsToo),
            Sentence::of(Phrase::SetThemRising),
            Basis::Assumed,
        );
    }

    public function isOrdered(): bool
    {
        return $this->breaks === [];
    }
}
