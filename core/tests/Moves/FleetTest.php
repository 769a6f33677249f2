<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Moves\Brief\MoveAnswers;
use Velbrin\Core\Moves\Brief\MoveReader;
use Velbrin\Core\Moves\Load\Cargo;
use Velbrin\Core\Moves\Load\Fleet;
use Velbrin\Core\Moves\Load\Stowage;
use Velbrin\Core\Moves\Load\Stowed;
use Velbrin\Core\Moves\Load\Truck;
use Velbrin\Core\Moves\Load\Vehicle;
use Velbrin\Core\Tests\Share;

/** Several vehicles: what rides in which, who drives them, when each has to be back. */
final class FleetTest extends TestCase
{
    private static function vehicle(string $id, float $payloadKg = 900, float $lengthMm = 2000): Vehicle
    {
        return new Vehicle($id, "the {$id}", Truck::of($lengthMm, 1500, 1600, $payloadKg, 100));
    }

    private static function box(string $id, float $kg, bool $isAlive = false, float $mm = 500): Cargo
    {
        return new Cargo($id, $id, $mm, $mm, 400, $kg, isAlive: $isAlive);
    }

    /** @return list<list<string>> what rides in each */
    private static function riders(Fleet $fleet): array
    {
        return array_map(function (Stowage $s): array {
            $ids = array_map(fn (Stowed $one): string => $one->cargo->id, $s->stowed);
            sort($ids);

            return $ids;
        }, $fleet->stowages);
    }

    #[Test]
    public function one_vehicle_is_stowed_as_ever(): void
    {
        $cargo = [self::box('a', 20), self::box('b', 30, true)];
        $alone = self::vehicle(Vehicle::FIRST);
        self::assertEquals(Stowage::of($alone->truck, $cargo), Fleet::of([$alone], $cargo)->stowages[0]);
    }

    #[Test]
    public function what_one_cannot_bear_goes_on_heaviest_first_and_animals_stay_in_the_first(): void
    {
        $cargo = [self::box('fish', 90, true), self::box('glass', 80), self::box('rock', 60), self::box('gear', 20)];
        $two = [self::vehicle(Vehicle::FIRST, 250), self::vehicle('van')];
        // 100 kg of crew and 250 of load: 350 of 250.
        self::assertSame([['fish', 'gear'], ['glass', 'rock']], self::riders(Fleet::of($two, $cargo)));
        $just = [self::vehicle(Vehicle::FIRST, 270), self::vehicle('van')];
        self::assertSame([['fish', 'gear', 'rock'], ['glass']], self::riders(Fleet::of($just, $cargo)));
    }

    #[Test]
    public function what_finds_no_place_goes_on_and_what_somebody_has_put_stays(): void
    {
        $cargo = array_map(fn (int $n): Cargo => self::box("c{$n}", 5, mm: 700), range(1, 6));
        $two = [self::vehicle(Vehicle::FIRST), self::vehicle('van')];
        self::assertSame([4, 2], array_map('count', self::riders(Fleet::of($two, $cargo))));
        $put = self::riders(Fleet::of($two, $cargo, ['c1' => 'van', 'c2' => 'gone', 'c3' => 'van']));
        self::assertContains('c1', $put[1]);
        self::assertContains('c3', $put[1]);
        self::assertSame(['c2', 'c4', 'c5', 'c6'], $put[0], 'a vehicle that is not there any more holds nothing');
        // Put where it has no place: it stays there, and is said.
        $full = Fleet::of($two, $cargo, array_fill_keys(['c1', 'c2', 'c3', 'c4', 'c5'], 'van'));
        self::assertCount(1, $full->stowages[1]->left);
        self::assertSame(['c6'], self::riders($full)[0]);
    }

    #[Test]
    public function in_a_hundred_loads_everything_rides_once_or_is_left_over_once(): void
    {
        mt_srand(7);
        for ($seed = 0; $seed < Share::of(100, 50); $seed++) {
            $cargo = [];
            for ($n = 0; $n < 30; $n++) {
                $cargo[] = new Cargo("c{$n}", "c{$n}", mt_rand(200, 900), mt_rand(200, 900), mt_rand(200, 900), mt_rand(2, 60),
                    mt_rand(0, 3), mt_rand(0, 4) === 0, mt_rand(0, 2) === 0);
            }
            $vehicles = [self::vehicle(Vehicle::FIRST, mt_rand(300, 900)), self::vehicle('van', 600), self::vehicle('trailer', 500, 1500)];
            $rides = array_map(fn (): string => ['van', 'trailer', Vehicle::FIRST, 'none'][mt_rand(0, 3)], array_flip(['c1', 'c2', 'c3']));
            $fleet = Fleet::of($vehicles, $cargo, $rides);
            $all = [];
            foreach ($fleet->stowages as $n => $stowage) {
                array_push($all, ...array_map(fn (Stowed $s): string => $s->cargo->id, $stowage->stowed));
                array_push($all, ...array_map(fn (Cargo $c): string => $c->id, $stowage->left));
                if ($n < 2) {
                    $pinned = array_keys($rides, $vehicles[$n]->id, true);
                    $over = array_filter($stowage->left, fn (Cargo $c): bool => ! in_array($c->id, $pinned, true));
                    self::assertSame([], $over, "seed {$seed}: only the last one leaves anything over");
                }
            }
            sort($all);
            $names = array_map(fn (Cargo $c): string => $c->id, $cargo);
            sort($names);
            self::assertSame($names, $all, "seed {$seed}");
        }
    }

    #[Test]
    public function each_is_driven_back_by_its_own_time_and_wants_somebody_at_its_wheel(): void
    {
        $van = ['id' => 'van', 'label' => 'the van', 'hired' => true, 'backMin' => 1400, 'lengthMm' => 2000, 'widthMm' => 1500,
            'heightMm' => 1500, 'payloadKg' => 700, 'crewKg' => 80];
        $with = fn (array $more): MoveAnswers => MoveAnswers::of(MoveReader::read(
            array_replace_recursive(MoveAnswersTest::sound(), ['vehicles' => [$more + $van]]),
        ));
        $codes = fn (MoveAnswers $a): array => array_map(fn (Finding $f): string => (string) $f->code, $a->findings);
        $answers = $with([]);
        self::assertNotNull($answers->day);
        self::assertArrayHasKey('return-van', $answers->day->plan->starts);
        self::assertNotContains('move-end-missed', $codes($answers));
        $late = $with(['backMin' => 700]);
        self::assertContains('move-end-missed', $codes($late));
        $words = implode(' ', array_map(fn (Finding $f): string => $f->what->in(Units::metric()), $late->findings));
        self::assertStringContainsString('the van back', $words);

        $crowd = array_replace_recursive(MoveAnswersTest::sound(), ['vehicles' => array_map(
            fn (string $id): array => ['id' => $id, 'label' => $id] + $van,
            ['v1', 'v2', 'v3', 'v4'],
        )]);
        self::assertContains('move-drivers', $codes(MoveAnswers::of(MoveReader::read($crowd))));
        array_pop($crowd['vehicles']);
        self::assertNotContains('move-drivers', $codes(MoveAnswers::of(MoveReader::read($crowd))));
        try {
            $with(['id' => Vehicle::FIRST]);
            self::fail('that name is taken');
        } catch (OutOfRange $e) {
            self::assertSame('vehicles.0.id', $e->field);
        }
    }

    #[Test]
    public function a_further_vehicle_is_named_in_what_is_said_of_it_and_bears_old_water_too(): void
    {
        $van = ['id' => 'van', 'label' => 'the van', 'lengthMm' => 2000, 'widthMm' => 1500, 'heightMm' => 1500, 'payloadKg' => 90,
            'crewKg' => 80];
        $sound = MoveAnswersTest::sound();
        $sound['pieces'][0]['rides'] = 'van';
        $answers = MoveAnswers::of(MoveReader::read([...$sound, 'vehicles' => [$van]]));
        $heavy = array_values(array_filter($answers->findings, fn (Finding $f): bool => $f->code === 'truck-payload'));
        self::assertCount(1, $heavy);
        self::assertStringStartsWith('the van:', $heavy[0]->what->in(Units::metric()));
        self::assertSame('the van', $heavy[0]->subject);
        $alone = MoveAnswers::of(MoveReader::read($sound));
        self::assertGreaterThan($alone->oldMostL, MoveAnswers::of(MoveReader::read([...$sound, 'vehicles' => [
            ['payloadKg' => 700] + $van,
        ]]))->oldMostL);
    }

    #[Test]
    public function somebody_may_say_what_comes_off_first(): void
    {
        $sound = MoveAnswersTest::sound();
        $places = function (array $document): array {
            $stowed = MoveAnswers::of(MoveReader::read($document))->fleet?->stowages[0]->stowed ?? [];

            return array_combine(
                array_map(fn (Stowed $s): string => $s->cargo->id, $stowed),
                array_map(fn (Stowed $s): int => $s->cargo->leaves, $stowed),
            );
        };
        self::assertSame([3, 2, 0], [$places($sound)['tank'], $places($sound)['stand'], $places($sound)['b3']]);
        $sound['pieces'][0]['leaves'] = 1;
        $sound['boxes'][2]['leaves'] = 4;
        self::assertSame([1, 4], [$places($sound)['tank'], $places($sound)['b3']]);
    }
}
