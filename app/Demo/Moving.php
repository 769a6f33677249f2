<?php

declare(strict_types=1);

namespace App\Demo;

use App\Clients\Attachments;
use App\Clients\Site;
use App\House\Days;
use App\Moves\KeepMove;
use App\Moves\Move;
use App\Moves\MoveStart;
use App\Moves\Works\StartWork;
use App\Moves\Works\Work;
use App\Moves\Works\WorkInRounds;
use App\Moves\Works\WorkMark;
use App\Systems\Item;
use App\Systems\Stock\KeepAnimal;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Velbrin\Core\Livestock\AnimalKind;
use Velbrin\Core\Livestock\AnimalState;
use Velbrin\Core\Moves\Brief\MoveKind;
use Velbrin\Core\Moves\Work\Todo;
use Velbrin\Core\Moves\Work\WorkKind;
use Velbrin\Core\Moves\Work\WorkVerb;

/**
 * Moves of the demo world: a cold one next week with a cracked stand and a truck due back at six, a swap that only begins, one in its
 * third visit, and a pump that is to be changed.
 */
final class Moving
{
    /** @param  list<User>  $technicians */
    public static function make(User $planner, array $technicians): void
    {
        $systems = System::query()->current()->with('site')->orderBy('id')->limit(8)->get();
        $from = $systems->firstWhere('name', 'Living room') ?? $systems->first();
        $to = $from === null ? null : Site::query()->current()->whereKeyNot($from->site_id)->orderBy('id')->first();
        if ($from === null || $to === null) {
            return;
        }
        self::cold($from, $to, $planner, $technicians);
        $swapped = $systems->first(fn (System $s): bool => $s->site_id !== $from->site_id);
        if ($swapped !== null) {
            self::swap($swapped, $planner);
        }
        $others = $systems->filter(fn (System $s): bool => ! in_array($s->id, [$from->id, $swapped?->id], true))->values();
        if (isset($others[0])) {
            self::swapUnderWay($others[0], $planner);
        }
        self::pumpPlanned($planner);
        self::stock($from, $planner);
    }

    /** Of next week: the crews have their rounds until Friday. */
    private static function saturday(): CarbonImmutable
    {
        return Days::today()->addDays(5)->next(CarbonImmutable::SATURDAY);
    }

    /** @param  list<User>  $technicians */
    private static function cold(System $system, Site $to, User $planner, array $technicians): void
    {
        $move = MoveStart::of(
            name: 'The cold move',
            kind: MoveKind::House,
            from: $system->site()->firstOrFail(),
            to: $to,
            system: $system,
            on: self::saturday(),
            user: $planner,
        );
        $box = fn (string $id, float $litres, string $wall, float $air): array => [
            'id' => $id,
            'label' => 'box '.substr($id, 1),
            'litres' => $litres,
            'wall' => $wall,
            'lengthMm' => 600,
            'widthMm' => 400,
            'heightMm' => 320,
            'airLMin' => $air,
            'airHours' => $air > 0 ? 12 : null,
        ];
        $gear = ['reused' => true, 'fate' => 'reuse'];
        KeepMove::of($move, [
            ...self::with($move, [
                'way' => ['driveMin' => 60, 'outdoorC' => -6, 'loadC' => -6, 'cabinC' => 18, 'roomFromC' => 21, 'roomToC' => 20,
                    'carryFromM' => 15, 'flightsFrom' => 0, 'carryToM' => 20, 'flightsTo' => 0, 'hoist' => false, 'newOwner' => false,
                    'border' => false],
                'waters' => ['oldL' => 200, 'newL' => 200, 'drainLh' => 700, 'fillLh' => 600,
                    'fresh' => ['temperature' => 25, 'salinity' => 35, 'ph' => 8.2, 'alkalinity' => 9.2]],
                'holding' => ['litres' => 400, 'heaterW' => 300, 'aired' => true, 'lidded' => true, 'borne' => true,
                    'tempC' => 25.4, 'salinity' => 35.0, 'ph' => 8.1, 'ammoniaMgL' => 0.0, 'warmH' => 14,
                    'person' => $technicians[0]->name, 'cleared' => 0.8, 'everyH' => 24, 'lit' => true, 'place' => 'our depot'],
                'truck' => ['lengthMm' => 3300, 'widthMm' => 1750, 'heightMm' => 1850, 'payloadKg' => 1050, 'crewKg' => 320,
                    'wheelbaseMm' => 3665, 'bulkheadMm' => 1350, 'emptyFrontKg' => 1160, 'emptyRearKg' => 840, 'frontMostKg' => 1800,
                    'rearMostKg' => 2100],
            ]),
            'beginsMin' => 600,
            'truckBackMin' => 1080,
            'leaveByMin' => null,
            'fish' => 'last',
            'people' => array_map(fn (User $u): array => [
                'id' => "u{$u->id}",
                'label' => $u->name,
                'limitKg' => 25,
                'skills' => [],
                'drives' => $u->is($technicians[0]),
            ], [
                ...array_slice($technicians, 0, 3),
                $planner,
            ]),
            'boxes' => [
                $box('b1', 34, 'foam', 6),
                $box('b2', 30, 'foam', 2),
                $box('b3', 28, 'foam', 0),
                ['cabin' => true] + $box('b5', 12, 'foam', 0),
                $box('b4', 28, 'bin', 2),
            ],
            'animals' => [
                ['id' => 'a1', 'label' => 'surgeonfish', 'count' => 1, 'lengthCm' => 16, 'deep' => false, 'alone' => true, 'box' => 'b1'],
                ['id' => 'a2', 'label' => 'clownfish, a pair', 'count' => 2, 'lengthCm' => 7, 'box' => 'b2'],
                ['id' => 'a3', 'label' => 'stony corals', 'coral' => true, 'count' => 14, 'lengthCm' => 9, 'box' => 'b3'],
                ['id' => 'a4', 'label' => 'cardinalfish', 'count' => 4, 'lengthCm' => 6, 'box' => 'b4'],
                ['id' => 'a5', 'label' => 'zoanthids on rubble', 'coral' => true, 'count' => 3, 'lengthCm' => 8, 'toxic' => true,
                    'box' => 'b5'],
            ],
            'pieces' => [
                ['id' => 'tank', 'label' => 'tank', 'kind' => 'tank', 'lengthMm' => 900, 'widthMm' => 550, 'heightMm' => 550, 'kg' => 37,
                    'verdict' => 'sound', 'unions' => 2] + $gear,
                ['id' => 'stand', 'label' => 'stand', 'kind' => 'stand', 'lengthMm' => 900, 'widthMm' => 550, 'heightMm' => 850, 'kg' => 34,
                    'verdict' => 'cracked'] + $gear,
                ['id' => 'sump', 'label' => 'sump', 'kind' => 'sump', 'lengthMm' => 700, 'widthMm' => 400, 'heightMm' => 400, 'kg' => 16,
                    'verdict' => 'sound', 'unions' => 4] + $gear,
                ['id' => 'lamp', 'label' => 'lamps and rail', 'kind' => 'lamp', 'lengthMm' => 900, 'widthMm' => 250, 'heightMm' => 120,
                    'kg' => 8, 'fate' => 'service', 'leadDays' => 4],
                ['id' => 'rock', 'label' => 'rock, two lots', 'kind' => 'rock', 'lengthMm' => 800, 'widthMm' => 600, 'heightMm' => 350,
                    'kg' => 24, 'ride' => 'submerged'],
                ['id' => 'sand', 'label' => 'sand', 'kind' => 'sand', 'lengthMm' => 400, 'widthMm' => 300, 'heightMm' => 300, 'kg' => 24],
                ['id' => 'gear', 'label' => 'pumps, hoses, tools', 'kind' => 'gear', 'lengthMm' => 800, 'widthMm' => 400, 'heightMm' => 400,
                    'kg' => 22, 'fate' => 'reuse'],
            ],
            'planB' => ['days' => 5, 'agreedBy' => null, 'agreedOn' => null, 'otherDay' => Days::text(13), 'stops' => []],
            'ticks' => ['surveyed', 'insured', 'forecast'],
        ], $move->revision);
    }

    /**
     * The parts it begins with, and what is said on top of them.
     *
     * @param  array<string, array<string, mixed>>  $said
     * @return array<string, mixed>
     */
    private static function with(Move $move, array $said): array
    {
        $brief = $move->brief;
        foreach ($said as $part => $values) {
            $brief[$part] = [...(is_array($brief[$part] ?? null) ? $brief[$part] : []), ...$values];
        }

        return $brief;
    }

    /** A tank that weeps, in its third visit: animals home, half the corals glued again. */
    private static function swapUnderWay(System $system, User $planner): void
    {
        $work = self::begun($system, WorkKind::Swap, 'The weeping tank, changed', ['corals' => 14], 12, $planner);
        $said = [
            [11.9, Todo::HoldingProved, null], [11.8, Todo::SettingsCopied, null], [5.3, Todo::OffList, 'doser, feeder, top-off'],
            [5.25, Todo::HeatersCool, null],
        ];
        foreach ($said as [$daysAgo, $todo, $words]) {
            self::says($work, $planner, $todo, $daysAgo, words: $words);
        }
        self::says($work, $planner, Todo::ScapePhotographed, 11.8, photo: self::photo($system, $planner));
        foreach ([Todo::CoralsOut, Todo::RockOut, Todo::FishOut, Todo::OldTankOut, Todo::StandLevelled, Todo::NewTankIn] as $n => $todo) {
            self::says($work, $planner, $todo, 5.2 - $n * 0.02);
        }
        self::says($work, $planner, Todo::FilledToTest, 5.0);
        self::says($work, $planner, Todo::LeakTested, 3.6, photo: self::photo($system, $planner));
        self::says($work, $planner, Todo::Refilled, 3.5, 0.4);
        foreach ([Todo::CutRehearsed, Todo::FishHome, Todo::BackOn] as $n => $todo) {
            self::says($work, $planner, $todo, 3.4 - $n * 0.05);
        }
        self::says($work, $planner, Todo::CoralsGlued, 3.2, 8.0, 'front terrace first; two fleshy ones wait for calmer flow');
        WorkInRounds::set($work->load('marks'), $planner);
    }

    /** A return pump is due to be changed: nothing of it is done yet. */
    private static function pumpPlanned(User $planner): void
    {
        $pump = Item::query()->where('job', 'return-pump')->whereNull('retired_at')->oldest('id')->first();
        if ($pump !== null) {
            StartWork::of(
                system: $pump->system()->firstOrFail(),
                kind: WorkKind::ReturnPump,
                verb: WorkVerb::Replace,
                name: 'Quieter return pump',
                facts: ['flowLh' => 3000],
                item: $pump,
                vessel: null,
                on: Days::today()->addDays(4),
                user: $planner,
            );
        }
    }

    /** @param  array<string, mixed>  $facts */
    private static function begun(System $system, WorkKind $kind, string $name, array $facts, int $daysAgo, User $planner): Work
    {
        $work = StartWork::of(
            system: $system,
            kind: $kind,
            verb: WorkVerb::Replace,
            name: $name,
            facts: $facts,
            item: null,
            vessel: null,
            on: null,
            user: $planner,
        );
        $work->forceFill(['created_at' => now()->subDays($daysAgo)])->saveQuietly();

        return $work;
    }

    /** Who lives in the tank that moves, with the places of its corals. */
    private static function stock(System $system, User $planner): void
    {
        $fish = [
            ['Yellow tang', 1, 16.0, true],
            ['Clown pair', 2, 8.0, false],
            ['Green chromis', 5, 7.0, false],
            ['Wrasse', 1, null, false],
        ];
        foreach ($fish as [$name, $count, $length, $isDeep]) {
            KeepAnimal::enters($system, [
                'name' => $name,
                'kind' => AnimalKind::Fish,
                'count' => $count,
                'length_cm' => $length,
                'deep' => $isDeep,
                'state' => AnimalState::Here,
                'in_on' => now()->subMonths(14)->toDateString(),
            ], $planner);
        }
        $corals = [
            ['Staghorn, front', 250, 400, [[320, 180, 150, 310, true]]],
            ['Leather', 80, 180, [[900, 260, 320, 140, true]]],
            ['Brain', 60, 140, [[620, 120, 380, 115, true], [700, 90, 400, 205, false]]],
        ];
        foreach ($corals as [$name, $low, $high, $places]) {
            $coral = KeepAnimal::enters($system, [
                'name' => $name,
                'kind' => AnimalKind::Coral,
                'count' => 1,
                'deep' => false,
                'state' => AnimalState::Here,
                'par_low' => $low,
                'par_high' => $high,
            ], $planner);
            foreach ($places as [$x, $y, $depth, $par, $isHome]) {
                $coral->places()->create(['x_mm' => $x, 'y_mm' => $y, 'depth_mm' => $depth, 'par' => $par, 'is_home' => $isHome,
                    'why' => $isHome ? null : 'lifted for the sand', 'user_id' => $planner->id]);
            }
        }
    }

    /** Drawn, since nobody in Merrowick has a camera. */
    private static function photo(System $system, User $planner): int
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'scape');
        file_put_contents($path, Picture::reef(new Chance($system->id)));
        $photo = Attachments::keep($system, new UploadedFile($path, 'scape.jpg', 'image/jpeg', null, true), 'Before', $planner);
        unlink($path);

        return $photo->id;
    }

    private static function says(
        Work $work,
        User $by,
        Todo $todo,
        float $daysAgo,
        ?float $value = null,
        ?string $words = null,
        ?int $photo = null,
    ): void {
        WorkMark::query()->create([
            'client_uuid' => (string) Str::uuid(),
            'work_id' => $work->id,
            'user_id' => $by->id,
            'step' => $todo,
            'value' => $value,
            'words' => $words,
            'attachment_id' => $photo,
            'at' => now()->subMinutes((int) round($daysAgo * 1440)),
        ]);
    }

    private static function swap(System $system, User $planner): void
    {
        MoveStart::of(
            name: 'A tank that weeps',
            kind: MoveKind::Swap,
            from: $system->site()->firstOrFail(),
            to: null,
            system: $system,
            on: null,
            user: $planner,
        );
    }
}
