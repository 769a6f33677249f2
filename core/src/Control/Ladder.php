<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Measure\OutOfRange;

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
            throw OutOfRange::field('input', 'at least two rungs are needed', implode(', ', self::RUNGS));
        }
        $breaks = [];
        foreach (array_slice($given, 1) as $i => $upper) {
            if ($rungs[$upper] <= $rungs[$given[$i]]) {
                $breaks[] = [$given[$i], $upper];
            }
        }

        return new self($breaks);
    }

    public function isOrdered(): bool
    {
        return $this->breaks === [];
    }
}
