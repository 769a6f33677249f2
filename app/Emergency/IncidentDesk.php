<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Clients\Contact;
use App\Clients\Site;
use App\Risk\Around;
use App\Risk\Helpers;
use App\Risk\Night;
use App\Risk\TonightReader;
use App\Systems\Item;
use App\Systems\OffDevices;
use App\Systems\System;
use App\Team\User;
use Velbrin\Core\Emergency\Action;
use Velbrin\Core\Emergency\CoolByChange;
use Velbrin\Core\Emergency\Course;
use Velbrin\Core\Emergency\EmergencyKind;
use Velbrin\Core\Emergency\FirstThree;
use Velbrin\Core\Emergency\Own;
use Velbrin\Core\Emergency\Rewarm;
use Velbrin\Core\Emergency\StayOrGo;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\TimeToHarm;
use Velbrin\Core\Risk\Tonight;

/** The reader between records and an emergency: what this place has, how long there is, who and what is near. */
final class IncidentDesk
{
    public function __construct(private readonly OffDevices $off)
    {
    }

    public function own(System $system, ?Course $course, ?Tonight $tank): Own
    {
        $shut = ShutOff::query()->where('site_id', $system->site_id)->get()->keyBy(fn (ShutOff $s): string => $s->kind->value);
        $words = fn (ShutOffKind $kind): ?string => $shut->get($kind->value)?->words;
        $draining = $tank?->waterside?->draining;

        return new Own(
            board: $words(ShutOffKind::Board),
            waterStop: $words(ShutOffKind::WaterStop),
            drains: $words(ShutOffKind::Drains),
            roomSwitch: $words(ShutOffKind::RoomSwitch),
            mayBoard: $shut->has(ShutOffKind::Board->value),
            wet: $course?->wet,
            batteryAir: $tank !== null && $tank->batteryH > 0,
            hasTopOff: $tank?->waterside?->topUp !== null,
            spilling: $course?->spilling,
            sumpTakesAll: $draining === null ? null : $draining->floodsH() === null,
            roomIsCold: $tank === null || $tank->roomC < $tank->setpointC,
        );
    }

    public function tank(System $system): Tonight|string
    {
        return TonightReader::read($system, Night::Tonight, $this->off->ids([$system->id]), Around::of(collect([$system])));
    }

    /** @return list<array{code: string, says: string, caution: string|null}> */
    public static function firstThree(EmergencyKind $kind, Own $own, Units $units): array
    {
        return self::inWords(FirstThree::of($kind, $own), $units);
    }

    /** @return list<array{code: string, says: string, caution: string|null}> what comes once the three are done */
    public static function then(EmergencyKind $kind, Own $own, Units $units): array
    {
        return self::inWords(FirstThree::then($kind, $own), $units);
    }

    /**
     * @param  list<Action>  $actions
     * @return list<array{code: string, says: string, caution: string|null}>
     */
    private static function inWords(array $actions, Units $units): array
    {
        return array_map(
            fn (Action $a): array => ['code' => $a->code, 'says' => $a->says->in($units), 'caution' => $a->caution?->in($units)],
            $actions,
        );
    }

    /** @return list<string> */
    public static function never(EmergencyKind $kind, Units $units): array
    {
        return array_map(fn (Sentence $s): string => $s->in($units), FirstThree::never($kind));
    }

    /** @return list<array{name: string, phone: string|null, what: string}> whom to ring, in this order */
    public function chain(Site $site): array
    {
        $ours = array_map(
            fn (User $u): array => ['name' => $u->name, 'phone' => $u->phone, 'what' => 'on call'],
            Helpers::onCall()->toRing($site, Night::Tonight),
        );
        $theirs = Contact::query()
            ->current()
            ->where('client_id', $site->client_id)
            ->where(fn ($c) => $c->whereNull('site_id')->orWhere('site_id', $site->id))
            ->orderByDesc('holds_key')
            ->orderBy('id')
            ->get()
            ->map(fn (Contact $c): array => [
                'name' => $c->name,
                'phone' => $c->phone,
                'what' => implode(', ', array_filter([
                    $c->role,
                    $c->holds_key ? 'holds the key' : null,
                    $c->language,
                    $c->can_operate === null ? null : "can operate {$c->can_operate}",
                    $c->training_owed === null ? null : "was never shown {$c->training_owed}",
                    $c->isStale() ? 'not confirmed for a year' : null,
                ])) ?: 'contact',
            ])
            ->all();

        return [...$ours, ...array_values($theirs)];
    }

    /** @return list<array{id: int, name: string, system: string, systemId: int}> who else has such a part at such an age (X-51) */
    public static function sameAge(Item $failed): array
    {
        if ($failed->installed_on === null) {
            return [];
        }
        $months = 3;

        return array_values(
            Item::query()
                ->where('job', $failed->job->value)
                ->whereNull('retired_at')
                ->whereKeyNot($failed->id)
                ->whereBetween('installed_on', [
                    $failed->installed_on->subMonths($months)->toDateString(),
                    $failed->installed_on->addMonths($months)->toDateString(),
                ])
                ->whereHas('system', fn ($s) => $s->current())
                ->with('system')
                ->orderBy('installed_on')
                ->limit(50)
                ->get()
                ->map(fn (Item $i): array => [
                    'id' => $i->id,
                    'name' => $i->name,
                    'system' => (string) $i->system?->name,
                    'systemId' => $i->system_id,
                ])
                ->all(),
        );
    }

    /**
     * Stay or go, by numbers (E-9); null: nobody has asked.
     *
     * @param  array{restore: float|null, boxes: float|null, catch: float|null, next: float|null}  $asked  hours
     * @param  list<array{leftH: float|null, ...}>  $clocks
     * @param  array{catchH: float, holdH: float|null, unboxed: list<string>, ...}|null  $go  worked out from what lives there
     * @return array{go: bool|null, words: string, tankH: float|null}|null
     */
    public static function stay(array $asked, array $clocks, ?array $go = null): ?array
    {
        if (array_filter($asked, fn (?float $h): bool => $h !== null) === []) {
            return null;
        }
        $left = array_filter(array_column($clocks, 'leftH'), is_float(...));
        $tankH = $left === [] ? null : min($left);
        // What somebody knows goes before what was worked out; with a kind left over nothing is worked out.
        $known = $go !== null && $go['unboxed'] === [] ? $go : ['holdH' => null, 'catchH' => null];
        $said = StayOrGo::of(
            $tankH,
            $asked['restore'],
            $asked['boxes'] ?? $known['holdH'],
            $asked['catch'] ?? $known['catchH'],
            $asked['next'],
        );

        return ['go' => $said->go, 'words' => $said->words(), 'tankH' => $tankH];
    }

    /**
     * Back to its set point from what was read last, where that is a degree or more below (E-11).
     *
     * @return array{hours: float|null, onMinPerH: float, neededW: float, heaterW: float, mostKh: float, overshoots: bool}|null
     *
     * @throws OutOfRange
     */
    public static function rewarm(Tonight $tank, Course $course): ?array
    {
        $last = $course->temperatures === [] ? null : $course->temperatures[count($course->temperatures) - 1]['value'];
        if ($last === null || ! Rewarm::isAsked($last, $tank->setpointC)) {
            return null;
        }
        $rewarm = Rewarm::of(
            volumeL: $tank->volumeL,
            uaWK: $tank->heat->coldUaWK,
            roomC: $tank->roomC,
            fromC: $last,
            toC: $tank->setpointC,
            heaterW: $tank->heatersW(),
        );

        return [
            'hours' => $rewarm->hours,
            'onMinPerH' => $rewarm->onMinPerH,
            'neededW' => $rewarm->neededW,
            'heaterW' => $tank->heatersW(),
            'mostKh' => Rewarm::MOST_KH,
            'overshoots' => $rewarm->overshoots(),
        ];
    }

    /**
     * A change with cooler matched water, where what was read last is too warm (E-7).
     *
     * @return list<array{litres: float, dropK: float, freshC: float}>
     *
     * @throws OutOfRange
     */
    public static function cooling(Tonight $tank, Course $course): array
    {
        $last = $course->temperatures === [] ? null : $course->temperatures[count($course->temperatures) - 1]['value'];

        return $last === null
            ? []
            : array_map(
                fn (CoolByChange $c): array => ['litres' => $c->litres, 'dropK' => $c->dropK, 'freshC' => $c->freshC],
                CoolByChange::offered($tank->volumeL, $last, $tank->setpointC),
            );
    }

    /** Litres of a kind of harm in words, for a sheet: "18 °C after 12 h". */
    public static function hours(Hazard $hazard, Tonight $tank, Units $units): ?string
    {
        $harm = TimeToHarm::of($hazard, $tank)[0] ?? null;

        return $harm?->hours === null ? null : self::harmWords($harm, $units);
    }

    private static function harmWords(Harm $harm, Units $units): string
    {
        $after = $units->show(Quantity::of((float) $harm->hours, Kind::Hours));

        return match ($harm->by) {
            'oxygen' => "air for {$after}",
            'floor' => "on the floor after {$after}",
            'temperature' => "{$units->show($harm->limit)} after {$after}",
            default => "{$harm->by} after {$after}",
        };
    }
}
