<?php

declare(strict_types=1);

namespace App\Rounds;

use stdClass;
use Velbrin\Core\Rounds\Spot;
use Velbrin\Core\Rounds\Visit as CoreVisit;

/** A visit as a week reads it: one row with its place and client, for a company has thousands. */
final readonly class WeekVisit
{
    private const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    private function __construct(
        public int $id,
        public string $place,
        public string $client,
        public string $state,
        public ?int $crewId,
        /** Day number, see Days::number(); null without a place on the board. */
        public ?int $plannedDay,
        /** "2026-03-09" */
        public string $dueOn,
        public bool $pinned,
        /** By the proposal that is not yet accepted. */
        public bool $moved,
        public ?string $why,
        public CoreVisit $core,
    ) {
    }

    /**
     * @param  stdClass  $row  of WeekReader::rows()
     * @param  int  $monday  the week's first day, for the opening hours
     */
    public static function of(stdClass $row, int $monday): self
    {
        $core = new CoreVisit(
            (int) $row->id, new Spot((float) $row->lat, (float) $row->lon), self::open((string) $row->access_hours, $monday),
            Days::ofText((string) $row->earliest_on), Days::ofText((string) $row->due_on), Days::ofText((string) $row->latest_on),
            (float) $row->minutes, (int) $row->persons, self::words((string) $row->skills), (float) $row->salt_l, (float) $row->ro_l, (float) $row->kg,
            $row->familiar_id === null ? null : (int) $row->familiar_id, (bool) $row->isolated,
        );

        return new self(
            $core->id, (string) $row->place, (string) $row->client, (string) $row->state, $row->crew_id === null ? null : (int) $row->crew_id, $row->planned_on === null ? null : Days::ofText((string) $row->planned_on),
            substr((string) $row->due_on, 0, 10), (bool) $row->pinned, $row->moved_from !== null, $row->why_unplanned === null ? null : (string) $row->why_unplanned, $core,
        );
    }

    /** @return list<string> */
    private static function words(string $json): array
    {
        $list = $json === '' || $json === '[]' ? [] : json_decode($json, true);

        return is_array($list) ? array_values(array_filter($list, is_string(...))) : [];
    }

    /** @return array<int, list<array{0: float, 1: float}>> minutes of the day, by day number; a day not in it is closed */
    private static function open(string $json, int $monday): array
    {
        $hours = $json === '' ? [] : json_decode($json, true);
        $open = [];
        for ($d = 0; $d < WeekReader::DAYS; $d++) {
            $text = is_array($hours) ? $hours[self::WEEKDAYS[$d]] ?? null : null;
            if (is_string($text) && preg_match('/^(\d\d):(\d\d)-(\d\d):(\d\d)$/', $text, $m) === 1) {
                $open[$monday + $d] = [[60.0 * (int) $m[1] + (int) $m[2], 60.0 * (int) $m[3] + (int) $m[4]]];
            }
        }

        return $open;
    }
}
