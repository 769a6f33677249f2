<?php

declare(strict_types=1);

namespace App\House;

use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;

/** The company's calendar: days counted for the core, minutes of the day on its clock. */
final class Days
{
    public static function zone(): string
    {
        return config()->string('velbrin.timezone');
    }

    public static function today(): CarbonImmutable
    {
        return CarbonImmutable::now(self::zone())->startOfDay();
    }

    /** The company's day as it is written in a date column, so many days from now. */
    public static function text(int $plusDays = 0): string
    {
        return self::today()->addDays($plusDays)->toDateString();
    }

    public static function monday(?string $of = null): CarbonImmutable
    {
        $day = $of === null ? self::today() : CarbonImmutable::parse($of, self::zone())->startOfDay();

        return $day->startOfWeek(CarbonInterface::MONDAY);
    }

    /** Whole days since the epoch, whatever the zone: a date, not a moment. */
    public static function number(CarbonInterface $date): int
    {
        return (int) floor(($date->getTimestamp() + $date->getOffset()) / 86400);
    }

    /** The same of a stored date, "2026-03-09" or longer: a week reads thousands, and a calendar object for each is dear. */
    public static function ofText(string $date): int
    {
        return intdiv(
            (int) gmmktime(0, 0, 0, (int) substr($date, 5, 2), (int) substr($date, 8, 2), (int) substr($date, 0, 4)),
            86400,
        );
    }

    /** The company's day of a stored moment, "2026-03-09 21:30:00" in UTC. */
    public static function ofMoment(string $moment): int
    {
        return self::number(CarbonImmutable::parse($moment, 'UTC')->setTimezone(self::zone()));
    }

    public static function date(int $number): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestampUTC($number * 86400);
    }

    public static function moment(string $date, float $minute): CarbonImmutable
    {
        $m = (int) round($minute);

        // By the clock on the wall: on a day of 23 or 25 hours, minutes since midnight would be an hour off.
        return CarbonImmutable::parse(substr($date, 0, 10), self::zone())
            ->addDays(intdiv($m, 1440))
            ->setTime(intdiv($m % 1440, 60), $m % 60)
            ->utc();
    }

    /** @return array{day: int, minute: float} on the company's calendar and clock */
    public static function now(): array
    {
        $now = CarbonImmutable::now(self::zone());

        return ['day' => self::number($now), 'minute' => 60.0 * (int) $now->format('G') + (int) $now->format('i')];
    }

    /** The minute of the company's day of a stored moment in UTC. */
    public static function minuteOf(string $moment): float
    {
        return self::minute(CarbonImmutable::parse($moment, 'UTC'));
    }

    public static function minute(CarbonInterface $moment): float
    {
        $local = CarbonImmutable::instance($moment)->setTimezone(self::zone());

        return 60.0 * (int) $local->format('G') + (int) $local->format('i');
    }

    public static function clock(float $minute): string
    {
        $m = (int) round($minute);

        return sprintf('%02d:%02d', intdiv($m, 60) % 24, $m % 60);
    }
}
