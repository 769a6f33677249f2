<?php

declare(strict_types=1);

namespace App\Emergency;

use App\House\Days;
use App\Risk\DarkCourse;
use App\Risk\RiskRate;
use Velbrin\Core\Emergency\Storm\Aid;
use Velbrin\Core\Emergency\Storm\DarkHarm;
use Velbrin\Core\Emergency\Storm\DarkRoom;
use Velbrin\Core\Emergency\Storm\Exposed;
use Velbrin\Core\Emergency\Storm\Route;
use Velbrin\Core\Emergency\Storm\StormCrew;
use Velbrin\Core\Risk\Rate\Assumed;
use Velbrin\Core\Rounds\Spot;

/** Something over an area: who reaches harm when, who goes where with what, how much would be enough (E-5, E-10). */
final class StormDesk
{
    /** Drawn; the others come later and are counted. */
    private const LINES = 120;

    /** More crews than that nobody sends. */
    private const MOST_CREWS = 12;

    public function __construct(private readonly StormHands $hands)
    {
    }

    /** @return array<string, mixed> */
    public function of(StormAsked $asked, ?string $day = null): array
    {
        $rows = StormRow::bySystem($asked);
        $harmed = self::harmed($rows, $asked);
        $exposed = array_map(fn (array $h): Exposed => self::exposed($h['row'], $h['harm'], $asked), $harmed);
        $lines = [];
        foreach ($harmed as $i => $one) {
            $lines[$one['row']->systemId] = self::line($one['row'], $one['harm'], $exposed[$i]->needs);
        }
        $crews = $this->hands->crews($day ?? Days::text());
        $route = Route::from($exposed, array_column($crews, 'crew'), $this->hands->depots(), $asked->leaveH);
        foreach ($route->crews as $c => $stops) {
            foreach ($stops as $stop) {
                $lines[(int) $stop['id']] = [
                    ...$lines[(int) $stop['id']],
                    'crew' => $crews[$c]['name'],
                    'arrivesH' => $stop['arrivesH'],
                    'inTime' => $stop['inTime'],
                ];
            }
        }

        return [
            'lines' => array_slice(array_values($lines), 0, self::LINES),
            'harmed' => count($lines),
            'late' => count(array_filter($lines, fn (array $l): bool => ! $l['inTime'])),
            'holds' => count($rows) - count($exposed),
            'crews' => self::packed($crews, $route, $exposed),
            'stock' => $this->hands->all(),
            'unmet' => count($route->unmet),
        ];
    }

    /** @return array{crews: int|null, batteries: int, generators: int} what would reach everybody in time */
    public function enough(StormAsked $asked, ?string $day = null): array
    {
        $exposed = array_map(
            fn (array $h): Exposed => self::exposed($h['row'], $h['harm'], $asked),
            self::harmed(StormRow::bySystem($asked), $asked),
        );

        return self::fewest($exposed, array_column($this->hands->crews($day ?? Days::text()), 'crew'), $asked->leaveH);
    }

    /** @return list<int> ids of those who reach harm, for jobs beforehand */
    public function exposedIds(StormAsked $asked): array
    {
        return array_map(fn (array $h): int => $h['row']->systemId, self::harmed(StormRow::bySystem($asked), $asked));
    }

    /**
     * @param  array<int, non-empty-list<StormRow>>  $rows
     * @return list<array{row: StormRow, harm: DarkHarm}> the soonest first
     */
    private static function harmed(array $rows, StormAsked $asked): array
    {
        $roomHours = RiskRate::rates()->of(Assumed::RoomHours);
        $harmed = [];
        foreach ($rows as $some) {
            $harm = self::soonest($some, $asked, $roomHours);
            if ($harm !== null) {
                $harmed[] = ['row' => $some[0], 'harm' => $harm];
            }
        }
        $when = fn (array $one): array => [$one['harm']->hours, $one['row']->systemId];
        usort($harmed, fn (array $a, array $b): int => $when($a) <=> $when($b));

        return $harmed;
    }

    /** @param  non-empty-list<StormRow>  $rows */
    private static function soonest(array $rows, StormAsked $asked, float $roomHours): ?DarkHarm
    {
        $soonest = null;
        foreach ($rows as $row) {
            $dark = $asked->isDark() ? DarkCourse::read($row->course) : null;
            $harm = match (true) {
                $dark !== null => $dark['tank']->harm(
                    $asked->outsideC === null
                        ? DarkRoom::steady($dark['roomC'])
                        : new DarkRoom($dark['roomC'], $asked->outsideC, $roomHours),
                    $asked->hours,
                ),
                $row->harmH === null || $row->harmH > $asked->hours => null,
                default => new DarkHarm($row->harmH, $row->harmBy),
            };
            if ($harm !== null && ($soonest === null || $harm->hours < $soonest->hours)) {
                $soonest = $harm;
            }
        }

        return $soonest;
    }

    private static function exposed(StormRow $row, DarkHarm $harm, StormAsked $asked): Exposed
    {
        $needs = match (true) {
            ! $asked->isDark() => Aid::Hands,
            $harm->by === DarkHarm::OXYGEN => Aid::Battery,
            default => Aid::Generator,
        };

        return new Exposed(
            id: (string) $row->systemId,
            spot: $row->spot,
            harmH: $harm->hours,
            fixMin: $needs->minutes(),
            needs: $needs,
            loss: max(1.0, $row->worth ?? 1.0),
        );
    }

    /** @return array<string, mixed> */
    private static function line(StormRow $row, DarkHarm $harm, Aid $needs): array
    {
        return [
            'id' => $row->systemId,
            'name' => $row->name,
            'where' => $row->where,
            'harmH' => $harm->hours,
            'by' => $harm->by,
            'needs' => $needs->label(),
            'crew' => null,
            'arrivesH' => null,
            'inTime' => false,
        ];
    }

    /**
     * What each crew puts into its van before it leaves.
     *
     * @param  list<array{name: string, crew: StormCrew}>  $crews
     * @param  list<Exposed>  $exposed
     * @return list<array{name: string, stops: int, batteries: int, generators: int}>
     */
    private static function packed(array $crews, Route $route, array $exposed): array
    {
        $needs = [];
        foreach ($exposed as $one) {
            $needs[$one->id] = $one->needs;
        }
        $packed = [];
        foreach ($crews as $c => $crew) {
            $aids = array_map(fn (array $stop): Aid => $needs[$stop['id']], $route->crews[$c]);
            $packed[] = [
                'name' => $crew['name'],
                'stops' => count($aids),
                'batteries' => count(array_filter($aids, fn (Aid $a): bool => $a === Aid::Battery)),
                'generators' => count(array_filter($aids, fn (Aid $a): bool => $a === Aid::Generator)),
            ];
        }

        return $packed;
    }

    /**
     * The fewest crews with which nobody is left, were there batteries and generators for all; null: not with any number.
     *
     * @param  list<Exposed>  $exposed
     * @param  list<StormCrew>  $crews
     * @return array{crews: int|null, batteries: int, generators: int}
     */
    private static function fewest(array $exposed, array $crews, float $leaveH): array
    {
        $of = fn (Aid $aid): int => count(array_filter($exposed, fn (Exposed $e): bool => $e->needs === $aid));
        $all = [Aid::Battery->value => $of(Aid::Battery), Aid::Generator->value => $of(Aid::Generator)];
        $from = $crews === [] ? [null] : array_map(fn (StormCrew $c): ?Spot => $c->spot, $crews);
        $enough = null;
        for ($n = 1; $n <= self::MOST_CREWS && $enough === null; $n++) {
            $sent = array_map(fn (int $i): ?Spot => $from[$i % count($from)], range(0, $n - 1));
            $enough = Route::reachesAll($exposed, $sent, $all, $leaveH) ? $n : null;
        }

        return ['crews' => $enough, 'batteries' => $all[Aid::Battery->value], 'generators' => $all[Aid::Generator->value]];
    }
}
