<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Velbrin\Core\Measure\OutOfRange;

/** When a place lets somebody in on a weekday, as people write it: "8-17", "9:00–12:30, 14-18", "closed" (S-11, S-54). */
final readonly class OpeningHours
{
    public const CLOSED = 'closed';

    private const DAY_MIN = 1440.0;

    /** @param  list<array{0: float, 1: float}>  $spans  minutes of the day, in order; none: closed */
    private function __construct(public array $spans)
    {
    }

    /** @throws OutOfRange when it cannot be read, or two spans overlap */
    public static function read(string $text): self
    {
        $text = mb_strtolower(trim($text));
        if ($text === self::CLOSED || $text === '-') {
            return new self([]);
        }
        $spans = [];
        foreach (preg_split('/\s*(?:,|;|\band\b|&|\+)\s*/u', $text) ?: [] as $part) {
            $spans[] = self::span($part);
        }
        usort($spans, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        for ($i = 1; $i < count($spans); $i++) {
            if ($spans[$i][0] < $spans[$i - 1][1]) {
                throw self::unreadable();
            }
        }

        return new self($spans);
    }

    /** @return array{0: float, 1: float} */
    private static function span(string $part): array
    {
        $clock = '(\d{1,2})(?:[:.h](\d{2}))?\s*(?:h|uhr|o’clock)?';
        if (
            preg_match("/^{$clock}\s*(?:-|–|—|to|until)\s*{$clock}$/u", trim($part), $m, PREG_UNMATCHED_AS_NULL) !== 1
        ) {
            throw self::unreadable();
        }
        [$from, $to] = [self::minute((int) $m[1], (int) ($m[2] ?? 0)), self::minute((int) $m[3], (int) ($m[4] ?? 0))];
        if ($to <= $from) {
            throw self::unreadable();
        }

        return [$from, $to];
    }

    private static function minute(int $hour, int $minute): float
    {
        $of = 60.0 * $hour + $minute;
        if ($minute > 59 || $of > self::DAY_MIN) {
            throw self::unreadable();
        }

        return $of;
    }

    private static function unreadable(): OutOfRange
    {
        return OutOfRange::field(
            'hours',
            Phrase::OpeningHoursCannotBeRead,
            Phrase::FromAndTo,
        );
    }

    /** "08:00-12:00, 14:00-17:00" */
    public function text(): string
    {
        $clock = fn (float $m): string => sprintf('%02d:%02d', intdiv((int) $m, 60), (int) $m % 60);

        return $this->spans === []
            ? self::CLOSED
            : implode(', ', array_map(fn (array $s): string => $clock($s[0]).'-'.$clock($s[1]), $this->spans));
    }
}
