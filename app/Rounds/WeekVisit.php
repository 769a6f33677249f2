<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use stdClass;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Rounds\OpeningHours;
use Velbrin\Core\Rounds\Spot;
use Velbrin\Core\Rounds\Visit as CoreVisit;

/** A visit as a week reads it: one row with its place and client, for a company has thousands. */
final readonly class WeekVisit
{
    private const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    /** Where nobody has said when the place is open: a usual day, and it is asked for (S-54). */
    private const USUAL_DAY = [[480.0, 1020.0]];

    /** Counted for the way there and back where the place is not on the map, minutes. */
    public const UNKNOWN_WAY_MIN = 40.0;

    private function __construct(
        public int $id,
        public int $siteId,
        public string $place,
        public string $client,
        public string $state,
        public ?int $crewId,
        /** Day number, see Days::number(); null without a place on the board. */
        public ?int $plannedDay,
        /** Minute of the day it is planned for or began; null without a place. */
        public ?float $startMin,
        /** "2026-03-09" */
        public string $dueOn,
        public bool $pinned,
        public bool $promised,
        /** By the proposal that is not yet accepted. */
        public bool $moved,
        public ?string $why,
        /** What is assumed because nobody has said: hours, the place on the map. */
        public ?string $asks,
        public CoreVisit $core,
        /** Who knows the place while whoever usually goes there is away. */
        public ?string $knows = null,
    ) {
    }

    /**
     * @param  stdClass  $row  of WeekReader::rows()
     * @param  int  $monday  the week's first day, for the opening hours
     * @param  list<SiteWish>  $wishes  of its place
     * @param  Spot  $depot  where a place without coordinates is counted from
     * @param  list<SiteEvent>  $events  of its place, still to come
     * @param  Familiar|null  $familiar  who goes there, or knows it while they are away
     */
    public static function of(
        stdClass $row,
        int $monday,
        array $wishes,
        Spot $depot,
        array $events = [],
        ?Familiar $familiar = null,
    ): self {
        $state = (string) $row->state;
        $day = $row->planned_on === null ? null : Days::ofText((string) $row->planned_on);
        $begun = in_array($state, [Visit::UNDERWAY, Visit::CLOSED], true);
        $start = self::startMin($row, $begun);
        $now = Days::now();
        $isOver =
            $day !== null &&
            ($day < $now['day'] || ($day === $now['day'] && $start !== null && $start <= $now['minute']));
        $isFact = $begun || ($state === Visit::PLANNED && $isOver);
        $knowsHours = self::knowsHours((string) $row->access_hours);
        $isOnMap = $row->lat !== null && $row->lon !== null;
        $earliest = Days::ofText((string) $row->earliest_on);
        $disturbs = (bool) ($row->disturbs ?? false);
        $core = new CoreVisit(
            id: (int) $row->id,
            spot: $isOnMap ? new Spot((float) $row->lat, (float) $row->lon) : $depot,
            open: self::open((string) $row->access_hours, $monday),
            earliestDay: $isFact ? $earliest : max($earliest, $now['day']),
            dueDay: Days::ofText((string) $row->due_on),
            latestDay: max(Days::ofText((string) $row->latest_on), $isFact ? 0 : $now['day']),
            minutes: $state === Visit::CLOSED && $row->actual_min !== null
                ? (float) $row->actual_min
                : (float) $row->minutes + ($isOnMap ? 0.0 : self::UNKNOWN_WAY_MIN),
            persons: (int) $row->persons,
            skills: self::words((string) $row->skills),
            saltL: (float) $row->salt_l,
            roL: (float) $row->ro_l,
            kg: (float) $row->kg,
            familiar: $familiar->userId ?? ($row->familiar_id === null ? null : (int) $row->familiar_id),
            isolated: (bool) $row->isolated,
            fixedStartMin: $isFact || ((bool) $row->pinned && $day !== null) ? $start : null,
            isFact: $isFact,
            onlyMember: self::onlyMember($wishes),
            wished: self::wished($wishes, $monday),
            keptClear: $disturbs ? self::keptClear($events, $monday) : [],
        );
        $clash = $disturbs && $day !== null && ! $isFact ? self::clash($events, $day) : null;
        $asks = array_filter([
            $clash,
            $knowsHours ? null : 'Its opening hours are not known: 08:00–17:00 on weekdays is assumed.',
            $isOnMap ? null : 'It is not on the map: '.(int) self::UNKNOWN_WAY_MIN.' min for the way are assumed.',
        ]);

        return new self(
            id: $core->id,
            siteId: (int) $row->site_id,
            place: (string) $row->place,
            client: (string) $row->client,
            state: $state,
            crewId: $row->crew_id === null ? null : (int) $row->crew_id,
            plannedDay: $day,
            startMin: $start,
            dueOn: substr((string) $row->due_on, 0, 10),
            pinned: (bool) $row->pinned,
            promised: $row->promised_at !== null,
            moved: $row->moved_from !== null,
            why: $row->why_unplanned === null ? null : (string) $row->why_unplanned,
            asks: $asks === [] ? null : implode(' ', $asks),
            core: $core,
            knows: $familiar?->words,
        );
    }

    /** Stays in its crew’s day whatever is proposed. */
    public function stays(): bool
    {
        return $this->core->isFact || $this->pinned || $this->promised;
    }

    private static function startMin(stdClass $row, bool $begun): ?float
    {
        $at = $begun && $row->opened_at !== null ? $row->opened_at : $row->starts_at;

        return $at === null ? null : Days::minuteOf((string) $at);
    }

    /** @return list<string> */
    private static function words(string $json): array
    {
        $list = $json === '' || $json === '[]' ? [] : json_decode($json, true);

        return is_array($list) ? array_values(array_filter($list, is_string(...))) : [];
    }

    /** Has anybody said anything of any day? */
    private static function knowsHours(string $json): bool
    {
        $hours = $json === '' ? [] : json_decode($json, true);

        return is_array($hours) && array_filter($hours, fn (mixed $h): bool => is_string($h) && $h !== '') !== [];
    }

    /** @return array<int, list<array{0: float, 1: float}>> minutes of the day, by day number; a day not in it is closed */
    private static function open(string $json, int $monday): array
    {
        $hours = $json === '' ? [] : json_decode($json, true);
        $isKnown = self::knowsHours($json);
        $open = [];
        for ($d = 0; $d < WeekReader::DAYS; $d++) {
            $text = is_array($hours) ? $hours[self::WEEKDAYS[$d]] ?? null : null;
            $spans = $isKnown ? self::spans($text) : self::USUAL_DAY;
            if ($spans !== []) {
                $open[$monday + $d] = $spans;
            }
        }

        return $open;
    }

    /** @return list<array{0: float, 1: float}> */
    private static function spans(mixed $text): array
    {
        try {
            return is_string($text) && $text !== '' ? OpeningHours::read($text)->spans : [];
        } catch (OutOfRange) {
            return [];
        }
    }

    /** @param  list<SiteWish>  $wishes */
    private static function onlyMember(array $wishes): ?int
    {
        foreach ($wishes as $wish) {
            if ($wish->person_id !== null) {
                return $wish->person_id;
            }
        }

        return null;
    }

    /**
     * @param  list<SiteEvent>  $events
     * @return list<int>
     */
    private static function keptClear(array $events, int $monday): array
    {
        $days = array_filter(
            range($monday, $monday + WeekReader::DAYS - 1),
            fn (int $day): bool => self::clash($events, $day) !== null,
        );

        return array_values($days);
    }

    /** @param  list<SiteEvent>  $events */
    private static function clash(array $events, int $day): ?string
    {
        foreach ($events as $event) {
            if ($event->core()->forbids($day)) {
                return "Messy work shortly before “{$event->text}” on {$event->on->format('D j M')}.";
            }
        }

        return null;
    }

    /**
     * All wishes hold at once.
     *
     * @param  list<SiteWish>  $wishes
     * @return array<int, list<array{0: float, 1: float}>>|null
     */
    private static function wished(array $wishes, int $monday): ?array
    {
        if ($wishes === []) {
            return null;
        }
        $wished = [];
        for ($d = 0; $d < WeekReader::DAYS; $d++) {
            [$from, $to] = [0.0, 1440.0];
            $isWished = true;
            foreach ($wishes as $wish) {
                $isWished = $isWished && ($wish->weekdays === [] || in_array($d + 1, $wish->weekdays, true));
                $isWished =
                    $isWished && ($wish->not_before === null || $monday + $d >= Days::number($wish->not_before));
                $isWished = $isWished && ($wish->not_after === null || $monday + $d <= Days::number($wish->not_after));
                $from = max($from, (float) ($wish->from_min ?? 0));
                $to = min($to, (float) ($wish->to_min ?? 1440));
            }
            if ($isWished && $to > $from) {
                $wished[$monday + $d] = [[$from, $to]];
            }
        }

        return $wished;
    }
}
