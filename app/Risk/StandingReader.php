<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Days;
use App\Systems\OffDevices;
use App\Systems\System;
use App\Systems\SystemBrief;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\FeedLayer;
use Velbrin\Core\Build\TableRow;
use Velbrin\Core\Risk\Fault\FromFacts;
use Velbrin\Core\Risk\Standing\Moment;
use Velbrin\Core\Risk\Standing\Standing;
use Velbrin\Core\Risk\Tonight;

/** The reader between records and a year of risk: what stands there, and every kind of moment a fault can come in. */
final class StandingReader
{
    private const DAYS_A_YEAR = 365.25;

    /** Counted where nobody wrote down when a system began. */
    private const UNKNOWN_YEARS = 10.0;

    private const VISITS_A_YEAR = 26.0;

    /** The coldest first, so that it is the worst moment of most systems. */
    private const SHARES = [
        [Night::WinterNight, Moment::WINTER_NIGHT],
        [Night::WinterDay, Moment::WINTER_DAY],
        [Night::SummerNight, Moment::SUMMER_NIGHT],
        [Night::SummerDay, Moment::SUMMER_DAY],
    ];

    /** @param  list<int>  $off */
    private function __construct(
        public readonly Around $around,
        public readonly Helpers $helpers,
        public readonly array $off,
    ) {
    }

    /** @param  Collection<int, System>  $systems  loaded with {@see loads()} */
    public static function around(Collection $systems): self
    {
        $ids = array_values($systems->map(fn (System $s): int => $s->id)->all());

        return new self(
            Around::of($systems),
            Helpers::around($systems, app(NextLook::class)),
            app(OffDevices::class)->ids($ids),
        );
    }

    /** @return list<string> */
    public static function loads(): array
    {
        return TonightReader::loads();
    }

    /** @return Known|string the system, or what is still to be said */
    public function read(System $system): Known|string
    {
        $reader = TonightReader::of($system, $this->off, $this->around);
        $tanks = [];
        $needs = '';
        foreach (self::SHARES as [$night]) {
            $tank = $reader->at($night);
            if ($tank instanceof Tonight) {
                $tanks[$night->value] = $tank;
            } else {
                $needs = $tank;
            }
        }
        if ($tanks === []) {
            return $needs;
        }
        $cold = $hot = reset($tanks);
        foreach ($tanks as $tank) {
            $cold = $tank->roomC < $cold->roomC ? $tank : $cold;
            $hot = $tank->roomC > $hot->roomC ? $tank : $hot;
        }

        return new Known(
            $this->standing($system),
            $this->moments($system, $tanks, $cold),
            $cold,
            $hot,
            $this->around->names(),
        );
    }

    /**
     * @param  non-empty-array<string, Tonight>  $tanks
     * @return list<Moment>
     */
    private function moments(System $system, array $tanks, Tonight $cold): array
    {
        $away = $this->awayShare($system);
        $moments = [];
        foreach (self::SHARES as [$night, $share]) {
            // A moment whose room nobody has said is taken as the coldest that is known.
            $tank = $tanks[$night->value] ?? $cold;
            // A year costs what is usual; the worst night decides the hours.
            $usualC = $night->usualRoomC($system);
            $tank = $usualC === null ? $tank : $tank->with(roomC: $usualC);
            $alarms = $this->helpers->alarms($system, $night);
            $at = fn (float $part, bool $isAway): Moment => new Moment(
                share: $part,
                tank: $tank,
                place: $this->helpers->place($system, Under::calendar($night, $isAway)),
                alarms: $alarms,
                isWorstRoom: $usualC === null,
            );
            $moments[] = $at($share * (1 - $away), false);
            if ($away > 0) {
                $moments[] = $at($share * $away, true);
            }
        }

        return $moments;
    }

    /** Of the coming year nobody of the household is there. */
    private function awayShare(System $system): float
    {
        $days = 0;
        $today = Days::today();
        for ($i = 0; $i < 365 && ($system->site->away ?? []) !== []; $i++) {
            $on = $system->site?->awayOn($today->addDays($i)->toDateString());
            $days += $on !== null && $on['sitter'] === null ? 1 : 0;
        }

        return $days / 365;
    }

    private function standing(System $system): Standing
    {
        $facts = Facts::of(SystemBrief::running($system, $this->off));
        $years = $system->started_on === null
            ? self::UNKNOWN_YEARS
            : max(0.0, $system->started_on->diffInDays(CarbonImmutable::now()) / self::DAYS_A_YEAR);
        $tankYears = $system->facts['tankYears'] ?? null;

        return new Standing(
            devices: $this->around->devices($system, $this->off),
            setUps: $this->around->setUps($system),
            feedLayers: array_values(
                array_filter(
                    array_map(
                        fn (TableRow $r): ?FeedLayer => FeedLayer::tryFrom($r->word('kind')),
                        $facts->brief->rows('layers'),
                    ),
                ),
            ),
            systemYears: $years,
            seamYears: is_numeric($tankYears) ? (float) $tankYears : null,
            visitsYear: self::VISITS_A_YEAR,
            animalsWorth: $system->animals_worth_minor === null ? null : $system->animals_worth_minor / 100,
            floorWorth: $system->floor_worth_minor === null ? null : $system->floor_worth_minor / 100,
            hasEmergencyDrain: FromFacts::hasEmergencyDrain($facts),
            emergencyTested: $this->around->isEmergencyTested($system),
            isDrainGuarded: FromFacts::isDrainGuarded($facts),
            helpBringsAir: $this->helpers->reach()->bringsAir,
            makesWater: (bool) ($system->site->makes_water ?? false),
            hasGenerator: $this->around->hasGenerator($system),
        );
    }
}
