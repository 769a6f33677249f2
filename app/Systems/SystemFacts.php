<?php

declare(strict_types=1);

namespace App\Systems;

use App\Clients\Room;
use App\House\Days;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Build\Topic\Volumes;
use Velbrin\Core\Measure\OutOfRange;

/** Writes build facts into a system's record: vessels, plumbing, and the volumes that follow from them. */
final class SystemFacts
{
    /** Tables that are a system’s; further vessels are records of their own, phases are the plan’s. */
    public const PLACED = [
        'curve',
        'outlets',
        'draws',
        'joints',
        'holes',
        'lamps',
        'channels',
        'points',
        'gear',
        'ledges',
        'compartments',
        'board',
        'loads',
        'streams',
        'layers',
        'ways',
        'penetrations',
    ];

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, array{basis: string, by: string, at: string}>  $bases
     * @param  list<array<string, mixed>>  $chambers
     */
    public static function write(System $system, array $values, array $bases, array $chambers): void
    {
        DB::transaction(function () use ($system, $values, $bases, $chambers): void {
            $parts = SystemBrief::split($values);
            $of = SystemBrief::split($bases);
            $system->update(['facts' => $parts['system'], 'bases' => $of['system'], 'chambers' => $chambers]);
            $system
                ->vessels()
                ->updateOrCreate(
                    ['role' => 'display', 'name' => 'Display'],
                    ['facts' => $parts['display'], 'bases' => $of['display']],
                );
            if ($parts['sump'] !== []) {
                $system
                    ->vessels()
                    ->updateOrCreate(
                        ['role' => 'sump', 'name' => 'Sump'],
                        ['facts' => $parts['sump'], 'bases' => $of['sump']],
                    );
            }
            $system->load('vessels');
            self::volumes($system);
        });
    }

    /** Worked out anew, whatever has changed. The system is loaded with vessels. */
    public static function again(System $system): void
    {
        self::volumes($system);
    }

    private static function volumes(System $system): void
    {
        $brief = SystemBrief::read($system);
        $system->update(['true_volume_l' => self::litres(fn (): float => Volumes::systemL(Facts::of($brief)))]);
        $sump = self::litres(fn (): float => SumpWater::of(Facts::of($brief))->waterL());
        $display = self::litres(fn (): float => Volumes::displayL(Facts::of($brief)));
        foreach ($system->vessels as $vessel) {
            $vessel->update([
                'net_l' => match ($vessel->role) {
                    'sump' => $sump,
                    SystemBrief::OTHER => self::other($vessel),
                    default => $display,
                },
            ]);
        }
    }

    /**
     * Further vessels of the plan it was built from, each with its own facts.
     *
     * @param  list<array<string, mixed>>  $rows  as the brief names them
     */
    public static function others(System $system, array $rows): void
    {
        DB::transaction(function () use ($system, $rows): void {
            $rooms = Room::query()->current()->where('site_id', $system->site_id)->pluck('id', 'name');
            foreach ($rows as $i => $row) {
                $name = is_string($row['name'] ?? null) && $row['name'] !== '' ? $row['name'] : 'Vessel '.($i + 1);
                $system
                    ->vessels()
                    ->updateOrCreate(
                        ['role' => SystemBrief::OTHER, 'name' => $name],
                        [
                            'facts' => array_diff_key($row, ['name' => 0]),
                            'bases' => [],
                            'room_id' => $rooms[$row['room'] ?? ''] ?? null,
                        ],
                    );
            }
            $system->load('vessels');
            self::volumes($system);
        });
    }

    /**
     * What a plan placed, or somebody found in place. A light survey written down now is today’s.
     *
     * @param  array<string, list<array<string, float|string|bool|null>>>  $tables  rows by table
     */
    public static function places(System $system, array $tables, ?CarbonImmutable $readOn = null): void
    {
        $kept = array_intersect_key($tables, array_flip(self::PLACED));
        $was = $system->tables['points'] ?? [];
        $system->update([
            'tables' => array_filter($kept),
            ...($kept['points'] ?? []) != $was
                ? [
                    'light_read_on' => ($kept['points'] ?? []) === [] ? null : ($readOn ?? Days::today())->toDateString(),
                ]
                : [],
        ]);
    }

    private static function other(Vessel $vessel): ?float
    {
        $read = PlanBrief::read(['vessels' => [['name' => $vessel->name, ...$vessel->facts]]])->vessels;

        return $read === [] ? null : $read[0]->litres();
    }

    /** The room a vessel stands in, with the climate surveyed there (B-88); none: the system's own. */
    public static function room(Vessel $vessel, ?Room $room): void
    {
        DB::transaction(function () use ($vessel, $room): void {
            $climate = [
                'room' => $room->name ?? '',
                'winterC' => $room?->winter_night_c,
                'summerC' => $room?->summer_day_c,
            ];
            $vessel->update(
                ['room_id' => $room?->id] +
                    ($vessel->role === SystemBrief::OTHER ? ['facts' => [...$vessel->facts, ...$climate]] : []),
            );
        });
    }

    /** @param  callable(): float  $answer */
    private static function litres(callable $answer): ?float
    {
        try {
            return $answer();
        } catch (Missing|OutOfRange) {
            return null;
        }
    }
}
