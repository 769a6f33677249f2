<?php

declare(strict_types=1);

namespace App\Risk;

use App\Clients\Room;
use App\House\Days;
use App\Systems\System;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Risk\Season;

/** Which hour's room values the hours in hand are worked out for. */
enum Night: string
{
    case Tonight = 'tonight';
    case WinterNight = 'winter-night';
    case WinterDay = 'winter-day';
    case SummerDay = 'summer-day';
    case SummerNight = 'summer-night';

    /** Faults are taken at these hours of the site's clock. */
    private const NIGHT_HOUR = 2;

    private const DAY_HOUR = 14;

    /** Between them it is day: the night has nine hours (R-55). */
    private const MORNING = 7;

    private const EVENING = 22;

    public function label(): string
    {
        return match ($this) {
            self::Tonight => 'Tonight',
            self::WinterNight => 'A winter night',
            self::WinterDay => 'A winter day',
            self::SummerDay => 'A summer day',
            self::SummerNight => 'A summer night',
        };
    }

    /** The kind of moment a day and hour of the company's clock is. */
    public static function ofMoment(CarbonImmutable $at): self
    {
        $isWinter = Season::isWinter((int) $at->format('n'), self::isZoneSouth($at->timezoneName));
        $hour = (int) $at->format('G');
        $isDay = $hour >= self::MORNING && $hour < self::EVENING;

        return match (true) {
            $isWinter => $isDay ? self::WinterDay : self::WinterNight,
            default => $isDay ? self::SummerDay : self::SummerNight,
        };
    }

    public function isDay(): bool
    {
        return $this === self::WinterDay || $this === self::SummerDay;
    }

    /** The next such moment on the site's clock. */
    public function faultAt(string $timezone): CarbonImmutable
    {
        $at = CarbonImmutable::now($timezone)->setTime($this->isDay() ? self::DAY_HOUR : self::NIGHT_HOUR, 0);

        return $at->isPast() ? $at->addDay() : $at;
    }

    public function isWinter(System $system): bool
    {
        return match ($this) {
            self::Tonight => self::isWinterAt($system),
            self::WinterNight, self::WinterDay => true,
            default => false,
        };
    }

    /** Null while nobody has said how warm the room then is. */
    public function roomC(System $system): ?float
    {
        $winter = $this->isWinter($system);
        $column = ($winter ? 'winter' : 'summer').($this->isDay() ? '_day_c' : '_night_c');
        $surveyed = $system->room instanceof Room ? $system->room->getAttribute($column) : null;
        // What was measured for the plan: the coldest winter night, the hottest summer day.
        $planned = $system->facts[($winter ? PlanField::WinterC : PlanField::SummerC)->value] ?? null;

        return is_numeric($surveyed) ? (float) $surveyed : (is_numeric($planned) ? (float) $planned : null);
    }

    /** As it usually is then; null: nobody has said. Days of winter and nights of summer are surveyed as they usually are. */
    public function usualRoomC(System $system): ?float
    {
        return match ($this) {
            self::WinterNight => $system->room?->winter_usual_night_c,
            self::SummerDay => $system->room?->summer_usual_day_c,
            self::WinterDay => $system->room?->winter_day_c,
            self::SummerNight => $system->room?->summer_night_c,
            self::Tonight => null,
        };
    }

    /** The seven cold months of the site's hemisphere, on its own clock. */
    private static function isWinterAt(System $system): bool
    {
        $zone = $system->site->timezone ?? Days::zone();

        return Season::isWinter((int) CarbonImmutable::now($zone)->format('n'), self::isSouth($system));
    }

    /** By the place on the map; where nobody has put it there, by its time zone. */
    private static function isSouth(System $system): bool
    {
        if ($system->site?->lat !== null) {
            return $system->site->lat < 0;
        }

        return self::isZoneSouth($system->site->timezone ?? Days::zone());
    }

    private static function isZoneSouth(string $zone): bool
    {
        $location = (new DateTimeZone($zone))->getLocation();

        return is_array($location) && $location['country_code'] !== '??' && $location['latitude'] < 0;
    }
}
