<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Kept;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Velbrin\Core\Emergency\Storm\Aid;
use Velbrin\Core\Emergency\Storm\Exposed;
use Velbrin\Core\Emergency\Storm\Route;
use Velbrin\Core\Moves\BeforeMove;
use Velbrin\Core\Moves\Brief\MoveAnswers;
use Velbrin\Core\Moves\Brief\MoveReader;
use Velbrin\Core\Moves\Course\Timetable;
use Velbrin\Core\Moves\Course\Work;
use Velbrin\Core\Moves\Load\Cargo;
use Velbrin\Core\Moves\Load\Stowage;
use Velbrin\Core\Moves\Work\WorkFacts;
use Velbrin\Core\Moves\Work\WorkKind;
use Velbrin\Core\Moves\Work\WorkPlan;
use Velbrin\Core\Moves\Work\WorkVerb;
use Velbrin\Core\Rounds\Insertion;
use Velbrin\Core\Rounds\Spot;
use Velbrin\Core\Rounds\Week;
use Velbrin\Core\Tests\Moves\MoveAnswersTest;
use Velbrin\Core\Tests\Moves\StowageTest;
use Velbrin\Core\Tests\Moves\TimetableTest;
use Velbrin\Core\Tests\Rounds\WeekTest;
use Velbrin\Core\Water\Mix;
use Velbrin\Core\Water\Need;
use Velbrin\Core\Water\Station;
use Velbrin\Core\Water\WaterDay;

/** Weeks, days of water, moves, loads and storms are planned as they were: what searches may end elsewhere without breaking a rule. */
#[Group('beside')]
final class ScheduleRecordTest extends TestCase
{
    #[Test]
    public function what_is_planned_is_planned_as_it_was(): void
    {
        $now = [...self::weeks(), ...self::waterDays(), ...self::timetables(), ...self::loads()];
        $now = [...$now, ...self::storms(), ...self::moves(), ...self::works()];
        self::assertSame([], array_slice(Record::moved(__DIR__.'/schedules.json.gz', $now), 0, 25));
    }

    /** @return array<string, array<string, int|float|string|bool|null>> */
    private static function weeks(): array
    {
        $flat = [];
        for ($seed = 1; $seed <= 8; $seed++) {
            mt_srand($seed);
            [$days, $visits] = WeekTest::world(6 + 2 * $seed, 2, 3);
            $plan = (new Insertion())->plan(Week::of($days), $visits);
            $flat["week {$seed}"] = Record::flat([
                'price' => $plan->week->price(),
                'routes' => array_map(fn ($r): array => [array_column($r->visits, 'id'), $r->workMin], $plan->week->routes),
                'unplanned' => array_map(fn ($u): array => [$u->visit->id, $u->refusal ?? null], $plan->unplanned),
            ]);
        }

        return $flat;
    }

    /** @return array<string, array<string, int|float|string|bool|null>> */
    private static function waterDays(): array
    {
        $flat = [];
        for ($seed = 1; $seed <= 24; $seed++) {
            $chance = new Randomizer(new Mt19937($seed));
            $needs = [];
            for ($i = 0, $count = $chance->getInt(1, 6); $i < $count; $i++) {
                $mix = [null, 'live', 'reef', 'reef'][$chance->getInt(0, 3)];
                $needs[] = new Need("n{$i}", "N{$i}", $chance->getInt(1, 30) * 10, $mix, $chance->getInt(33, 35), $chance->getInt(1, 60));
            }
            $vessels = [[200.0], [200.0, 300.0], [400.0]][$chance->getInt(0, 2)];
            $station = Station::of($chance->getInt(100, 900), $chance->getInt(6, 25), 130, $chance->getInt(150, 500), $vessels, 600, 25);
            $mixes = ['reef' => new Mix('reef', 'Reef mix', 38.5, 4, 336), 'live' => new Mix('live', 'Live mix', 39, 1, 9)];
            $flat["water {$seed}"] = Record::flat(WaterDay::of($station, $mixes, $needs));
        }

        return $flat;
    }

    /** @return array<string, array<string, int|float|string|bool|null>> */
    private static function timetables(): array
    {
        $flat = [];
        for ($seed = 101; $seed <= 110; $seed++) {
            [$steps, $hands, $ends] = TimetableTest::some($seed, 4 + 2 * ($seed - 100));
            $flat["course {$seed}"] = Record::flat(Timetable::of(new Work($steps, $hands, ['aid' => 1], $ends)));
        }

        return $flat;
    }

    /** @return array<string, array<string, int|float|string|bool|null>> */
    private static function loads(): array
    {
        $flat = [];
        for ($seed = 1; $seed <= 12; $seed++) {
            $chance = new Randomizer(new Mt19937($seed));
            $cargo = [];
            for ($n = 0; $n < 6 + 2 * $seed; $n++) {
                $isAlive = $chance->getInt(0, 2) === 0;
                [$long, $wide, $high] = [$chance->getInt(250, 800), $chance->getInt(250, 800), $chance->getInt(250, 800)];
                [$kg, $stop] = [$chance->getInt(5, 60), $chance->getInt(0, 3)];
                $cargo[] = new Cargo("c{$n}", "box {$n}", $long, $wide, $high, $kg, $stop, $isAlive, ! $isAlive);
            }
            $flat["load {$seed}"] = Record::flat(Stowage::of(StowageTest::truck(), $cargo));
        }

        return $flat;
    }

    /** @return array<string, array<string, int|float|string|bool|null>> */
    private static function storms(): array
    {
        $flat = [];
        for ($seed = 1; $seed <= 12; $seed++) {
            $chance = new Randomizer(new Mt19937($seed));
            $exposed = [];
            for ($i = 0; $i < 4 + $seed; $i++) {
                $spot = $chance->getInt(0, 5) === 0 ? null : new Spot($chance->getInt(-20, 20) / 100, $chance->getInt(-20, 20) / 100);
                $aid = [Aid::Battery, Aid::Generator, Aid::Hands][$chance->getInt(0, 2)];
                $isPeople = $chance->getInt(0, 9) === 0;
                $exposed[] = new Exposed("s{$i}", $spot, $chance->getInt(5, 90) / 10, 15, $aid, $chance->getInt(1, 50) * 100, $isPeople);
            }
            $crews = array_fill(0, 1 + $seed % 3, new Spot(0, 0));
            $flat["storm {$seed}"] = Record::flat(Route::of($exposed, $crews, ['battery' => 4, 'generator' => 2]));
        }

        return $flat;
    }

    /** @return array<string, array<string, int|float|string|bool|null>> */
    private static function moves(): array
    {
        $flat = [];
        for ($seed = 0; $seed <= 5; $seed++) {
            $answers = MoveAnswers::of(MoveReader::read(RecordTest::stirred(MoveAnswersTest::sound(), $seed, 'move')));
            $flat["move {$seed}"] = Record::flat(array_diff_key(get_object_vars($answers), ['brief' => true]));
            $flat["before move {$seed}"] = Record::flat(BeforeMove::due($answers->brief));
        }

        return $flat;
    }

    /** @return array<string, array<string, int|float|string|bool|null>> */
    private static function works(): array
    {
        $flat = [];
        foreach (WorkKind::cases() as $kind) {
            foreach (WorkVerb::cases() as $verb) {
                foreach ([new WorkFacts(), new WorkFacts(flowLh: 3000, cureH: 48, leakH: 36, corals: 4, hadCopper: true)] as $n => $facts) {
                    $flat["work {$kind->value} {$verb->value} {$n}"] = Record::flat(WorkPlan::of($kind, $verb, $facts)->steps);
                }
            }
        }

        return $flat;
    }
}
