<?php

declare(strict_types=1);

namespace App\Demo;

use App\Clients\Site;
use App\House\Days;
use App\Moves\KeepMove;
use App\Moves\Move;
use App\Moves\MoveStart;
use App\Systems\System;
use App\Team\User;
use Velbrin\Core\Moves\Brief\MoveKind;

/** Moves of the demo world: a cold one next week with a cracked stand and a truck due back at six, and a swap that only begins. */
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
            on: Days::today()->addDays(6),
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
        $gear = ['reused' => true];
        KeepMove::of($move, [
            ...self::with($move, [
                'way' => ['driveMin' => 60, 'outdoorC' => -6, 'loadC' => -6, 'cabinC' => 18, 'roomFromC' => 21, 'roomToC' => 20,
                    'carryFromM' => 15, 'flightsFrom' => 0, 'carryToM' => 20, 'flightsTo' => 0],
                'waters' => ['oldL' => 200, 'newL' => 200, 'drainLh' => 700, 'fillLh' => 600,
                    'fresh' => ['temperature' => 25, 'salinity' => 35, 'ph' => 8.2, 'alkalinity' => 9.2]],
                'holding' => ['litres' => 400, 'heaterW' => 300, 'aired' => true, 'lidded' => true, 'borne' => true, 'proved' => true,
                    'person' => $technicians[0]->name, 'cleared' => 0.8, 'everyH' => 24],
                'truck' => ['lengthMm' => 3300, 'widthMm' => 1750, 'heightMm' => 1850, 'payloadKg' => 1050, 'crewKg' => 320,
                    'wheelbaseMm' => 3665, 'bulkheadMm' => 1350, 'emptyFrontKg' => 1160, 'emptyRearKg' => 840, 'frontMostKg' => 1800,
                    'rearMostKg' => 2100],
            ]),
            'beginsMin' => 600,
            'truckBackMin' => 1080,
            'leaveByMin' => null,
            'fish' => 'last',
            'people' => array_map(fn (User $u): array => ['id' => "u{$u->id}", 'label' => $u->name, 'limitKg' => 25, 'skills' => []], [
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
                ['id' => 'a3', 'label' => 'stony corals', 'coral' => true, 'count' => 14, 'box' => 'b3'],
                ['id' => 'a4', 'label' => 'cardinalfish', 'count' => 4, 'lengthCm' => 6, 'box' => 'b4'],
                ['id' => 'a5', 'label' => 'zoanthids on rubble', 'coral' => true, 'count' => 3, 'toxic' => true, 'box' => 'b5'],
            ],
            'pieces' => [
                ['id' => 'tank', 'label' => 'tank', 'kind' => 'tank', 'lengthMm' => 900, 'widthMm' => 550, 'heightMm' => 550, 'kg' => 37,
                    'verdict' => 'sound', 'unions' => 2] + $gear,
                ['id' => 'stand', 'label' => 'stand', 'kind' => 'stand', 'lengthMm' => 900, 'widthMm' => 550, 'heightMm' => 850, 'kg' => 34,
                    'verdict' => 'cracked'] + $gear,
                ['id' => 'sump', 'label' => 'sump', 'kind' => 'sump', 'lengthMm' => 700, 'widthMm' => 400, 'heightMm' => 400, 'kg' => 16,
                    'verdict' => 'sound', 'unions' => 4] + $gear,
                ['id' => 'lamp', 'label' => 'lamps and rail', 'kind' => 'lamp', 'lengthMm' => 900, 'widthMm' => 250, 'heightMm' => 120,
                    'kg' => 8],
                ['id' => 'rock', 'label' => 'rock, two lots', 'kind' => 'rock', 'lengthMm' => 800, 'widthMm' => 600, 'heightMm' => 350,
                    'kg' => 24],
                ['id' => 'sand', 'label' => 'sand', 'kind' => 'sand', 'lengthMm' => 400, 'widthMm' => 300, 'heightMm' => 300, 'kg' => 24],
                ['id' => 'gear', 'label' => 'pumps, hoses, tools', 'kind' => 'gear', 'lengthMm' => 800, 'widthMm' => 400, 'heightMm' => 400,
                    'kg' => 22],
            ],
            'planB' => ['days' => 5, 'agreedBy' => null, 'agreedOn' => null, 'otherDay' => Days::text(13)],
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
