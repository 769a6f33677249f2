<?php

declare(strict_types=1);

namespace App\Moves;

use App\Clients\Site;
use App\Systems\Item;
use App\Systems\LastRead;
use App\Systems\Material;
use App\Systems\System;
use App\Systems\SystemBrief;
use App\Team\User;
use Carbon\CarbonImmutable;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Brief\MoveKind;

/** A move begins with what the record of its system knows: tank, stand, sump, lamps, rock, litres, the last readings. */
final class MoveStart
{
    public static function of(
        string $name,
        MoveKind $kind,
        Site $from,
        ?Site $to,
        ?System $system,
        ?CarbonImmutable $on,
        User $user,
    ): Move {
        $move = Move::query()->create([
            'name' => $name,
            'kind' => $kind,
            'from_site_id' => $from->id,
            'to_site_id' => $to?->id,
            'system_id' => $system?->id,
            'on' => $on?->toDateString(),
            'brief' => self::brief($system),
            'revision' => 1,
            'user_id' => $user->id,
        ]);
        JobsBeforeMove::book($move);

        return $move;
    }

    /** @return array<string, mixed> */
    private static function brief(?System $system): array
    {
        $empty = ['people' => [], 'animals' => [], 'boxes' => [], 'pieces' => [], 'ticks' => [], 'way' => [], 'waters' => [],
            'holding' => []];
        if ($system === null) {
            return $empty;
        }
        $system->loadMissing(['vessels', 'items', 'room']);

        return [
            ...$empty,
            'animals' => ListedAnimals::rows($system),
            'pieces' => [...self::vessels($system), ...self::lamps($system), ...self::rock($system)],
            'way' => array_filter(['roomFromC' => self::room($system)], fn (?float $v): bool => $v !== null),
            'waters' => self::waters($system),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function vessels(System $system): array
    {
        try {
            $facts = Facts::of(SystemBrief::read($system));
            $tank = DisplayTank::of($facts)->vessel;
        } catch (Missing|OutOfRange) {
            return [
                ['id' => 'tank', 'label' => 'tank', 'kind' => 'tank'],
                ['id' => 'stand', 'label' => 'stand', 'kind' => 'stand'],
            ];
        }
        $number = fn (F $field): ?float => $facts->knows($field) ? $facts->number($field) : null;
        $pieces = [
            [
                'id' => 'tank',
                'label' => 'tank',
                'kind' => 'tank',
                'lengthMm' => $number(F::LengthMm),
                'widthMm' => $number(F::WidthMm),
                'heightMm' => $number(F::HeightMm),
                'kg' => round($tank->massKg(), 1),
                'acrylic' => $facts->knows(F::Material) && $facts->word(F::Material) === 'acrylic',
                'unions' => 2,
            ],
            [
                'id' => 'stand',
                'label' => 'stand',
                'kind' => 'stand',
                'lengthMm' => $number(F::LengthMm),
                'widthMm' => $number(F::WidthMm),
                'heightMm' => $number(F::StandHeightMm),
                'kg' => $number(F::StandKg),
            ],
        ];
        if (SumpWater::isDescribed($facts)) {
            $pieces[] = [
                'id' => 'sump',
                'label' => 'sump',
                'kind' => 'sump',
                'lengthMm' => $number(F::SumpLengthMm),
                'widthMm' => $number(F::SumpWidthMm),
                'heightMm' => $number(F::SumpHeightMm),
                'kg' => round(SumpWater::of($facts)->vessel->massKg(), 1),
                'unions' => 2,
            ];
        }

        return $pieces;
    }

    /** @return list<array<string, mixed>> */
    private static function lamps(System $system): array
    {
        return array_values($system->items
            ->filter(fn (Item $i): bool => $i->job === Job::Light && $i->retired_at === null)
            ->map(fn (Item $i): array => ['id' => "i{$i->id}", 'label' => $i->name, 'kind' => 'lamp'])
            ->all());
    }

    /** @return list<array<string, mixed>> */
    private static function rock(System $system): array
    {
        $written = Material::query()
            ->where('system_id', $system->id)
            ->where('kind', 'rock')
            ->whereNull('archived_at')
            ->whereNull('out_on')
            ->sum('mass_kg');
        $kg = $written > 0 ? (float) $written : self::fact($system, F::RockKg);

        return [['id' => 'rock', 'label' => 'rock', 'kind' => 'rock', 'kg' => $kg]];
    }

    private static function room(System $system): ?float
    {
        return self::fact($system, F::WinterC);
    }

    private static function fact(System $system, F $field): ?float
    {
        $facts = Facts::of(SystemBrief::read($system));

        return $facts->knows($field) ? $facts->number($field) : null;
    }

    /** @return array<string, mixed> */
    private static function waters(System $system): array
    {
        $read = fn (Parameter $p): ?float => LastRead::of($system, $p);

        return [
            'newL' => null,
            'oldL' => $system->true_volume_l === null ? null : round($system->true_volume_l),
            'drainLh' => $system->hose_flow_lh,
            'fillLh' => $system->hose_flow_lh,
            'old' => array_filter([
                'temperature' => $read(Parameter::Temperature) ?? self::fact($system, F::SetpointC),
                'salinity' => $read(Parameter::Salinity) ?? self::fact($system, F::Salinity),
                'ph' => $read(Parameter::Ph),
                'alkalinity' => $read(Parameter::Alkalinity),
                'calcium' => $read(Parameter::Calcium),
                'magnesium' => $read(Parameter::Magnesium),
                'nitrate' => $read(Parameter::Nitrate),
                'phosphate' => $read(Parameter::Phosphate),
            ], fn (?float $v): bool => $v !== null),
            'fresh' => [],
            'limits' => ['alkalinity' => 0.5],
        ];
    }
}
