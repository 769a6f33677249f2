<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Moves\AfterMove;
use Velbrin\Core\Moves\AirSupply;
use Velbrin\Core\Moves\Brief\MoveAnswers;
use Velbrin\Core\Moves\Brief\MoveKind;
use Velbrin\Core\Moves\Brief\MoveReader;
use Velbrin\Core\Moves\Brief\TakeAlong;
use Velbrin\Core\Moves\Brief\Warmth;
use Velbrin\Core\Moves\Day\OtherClocks;
use Velbrin\Core\Seawater\Seawater;
use Velbrin\Core\Tests\Turns;

/** A whole move: sound, then one fact changed or taken away, and what it says then. */
#[Group('beside')]
final class MoveAnswersTest extends TestCase
{
    use Turns;

    /** A cold day, and a move that holds. @return array<string, mixed> */
    public static function sound(): array
    {
        $gear = ['reused' => true, 'verdict' => 'sound', 'fate' => 'reuse'];

        return [
            'schema' => 1,
            'kind' => 'house',
            'beginsMin' => 540,
            'truckBackMin' => 1200,
            'people' => [['id' => 'a', 'label' => 'Ada', 'drives' => true], ['id' => 'b', 'label' => 'Bo'], ['id' => 'c', 'label' => 'Cy'],
                ['id' => 'd', 'label' => 'Di'], ['id' => 'e', 'label' => 'Em', 'spare' => true]],
            'planB' => ['days' => 5, 'agreedBy' => 'the owner', 'agreedOn' => '2026-11-20', 'otherDay' => '2026-12-08'],
            'animals' => [
                ['id' => 'tang', 'label' => 'tang', 'lengthCm' => 18, 'count' => 1, 'deep' => false, 'box' => 'b1'],
                ['id' => 'pair', 'label' => 'clown pair', 'lengthCm' => 6, 'count' => 2, 'box' => 'b2'],
                ['id' => 'corals', 'label' => 'stony corals', 'coral' => true, 'count' => 12, 'lengthCm' => 6,
                    'box' => 'b3'],
            ],
            'boxes' => [
                ['id' => 'b1', 'label' => 'box 1', 'litres' => 33, 'wall' => 'foam', 'airLMin' => 4, 'airHours' => 24],
                ['id' => 'b2', 'label' => 'box 2', 'litres' => 28, 'wall' => 'foam', 'airLMin' => 1, 'airHours' => 24],
                ['id' => 'b3', 'label' => 'box 3', 'litres' => 28, 'wall' => 'foam'],
            ],
            'pieces' => [
                ['id' => 'tank', 'label' => 'tank', 'kind' => 'tank', 'lengthMm' => 900, 'widthMm' => 500, 'heightMm' => 500, 'kg' => 37]
                + $gear,
                ['id' => 'stand', 'label' => 'stand', 'kind' => 'stand', 'lengthMm' => 900, 'widthMm' => 500, 'heightMm' => 800,
                    'kg' => 36] + $gear,
                ['id' => 'rock', 'label' => 'rock', 'kind' => 'rock', 'lengthMm' => 600, 'widthMm' => 400, 'heightMm' => 320, 'kg' => 30,
                    'ride' => 'submerged'],
                ['id' => 'lamp', 'label' => 'lamp', 'kind' => 'lamp', 'lengthMm' => 600, 'widthMm' => 200, 'heightMm' => 100, 'kg' => 4,
                    'fate' => 'reuse'],
                ['id' => 'sump', 'label' => 'sump', 'kind' => 'sump', 'lengthMm' => 600, 'widthMm' => 400, 'heightMm' => 400, 'kg' => 14,
                    'unions' => 4] + $gear,
            ],
            'way' => ['driveMin' => 40, 'outdoorC' => 8, 'cabinC' => 20, 'loadC' => 12, 'roomFromC' => 22, 'roomToC' => 22,
                'floorLooked' => true, 'hoist' => false, 'newOwner' => false, 'border' => false],
            'waters' => [
                'oldL' => 150, 'newL' => 100, 'drainLh' => 600, 'fillLh' => 500,
                'old' => ['temperature' => 25.5, 'salinity' => 35, 'ph' => 8.1, 'alkalinity' => 8],
                'fresh' => ['temperature' => 25.5, 'salinity' => 35, 'ph' => 8.2, 'alkalinity' => 8.5],
                'limits' => ['alkalinity' => 0.5],
            ],
            'holding' => ['litres' => 400, 'heaterW' => 300, 'aired' => true, 'lidded' => true, 'borne' => true, 'tempC' => 25.5,
                'salinity' => 35, 'ph' => 8.1, 'ammoniaMgL' => 0.0, 'warmH' => 12, 'person' => 'Ada', 'lit' => true,
                'place' => 'at our depot'],
            'truck' => ['lengthMm' => 3200, 'widthMm' => 1700, 'heightMm' => 1800, 'payloadKg' => 1050, 'crewKg' => 300,
                'wheelbaseMm' => 3600, 'bulkheadMm' => 1200, 'emptyFrontKg' => 1100, 'emptyRearKg' => 800],
        ];
    }

    #[Test]
    public function what_stands_on_one_floor_is_added_up_and_what_nobody_knows_makes_it_at_least(): void
    {
        $says = function (array $change): string {
            $all = self::answers(['way' => ['floorLooked' => false]] + $change)->findings;
            $floor = array_filter($all, fn (Finding $f): bool => $f->code === 'move-floor-load');

            return array_values($floor)[0]->what->in(Units::metric());
        };
        // 150 kept, 100 new, 400 in the holding at 1.023, and 121 kg of pieces.
        self::assertMatchesRegularExpression('/^78[5-7]\Wkg stand/u', $says([]));
        self::assertStringStartsWith('At least', $says(['holding' => ['litres' => null]]));
        self::assertStringStartsWith('At least', $says(['pieces' => [2 => ['kg' => null]]]));
    }

    #[Test]
    public function waters_four_degrees_apart_are_bridged_in_boxes_and_more_is_not(): void
    {
        $apart = fn (float $freshC): bool => in_array('fix move-warmth-apart', self::codes(self::answers(
            ['waters' => ['oldL' => 150, 'newL' => 150, 'fresh' => ['temperature' => $freshC]]],
        )), true);
        // Half and half: 25.5 and 33.5 mix to 29.5.
        self::assertFalse($apart(33.5));
        self::assertTrue($apart(33.6));
        self::assertTrue($apart(17.4));
        self::assertFalse($apart(17.5));
    }

    /** @param  array<string, mixed>  $change */
    private static function answers(array $change = []): MoveAnswers
    {
        $photos = ['tank', 'stand', 'sump', 'places'];

        return MoveAnswers::of(MoveReader::read(array_replace_recursive(self::sound(), $change), photographed: $photos));
    }

    #[Test]
    public function what_a_kind_needs_goes_before_what_the_waters_say(): void
    {
        $takes = fn (array $change): int => self::answers($change)->work->steps['animals']->minutes ?? 0;
        $ph = ['waters' => ['fresh' => ['ph' => 8.4]]];
        $usual = $takes($ph);
        self::assertGreaterThan(15, $usual);
        self::assertSame(90, $takes($ph + ['animals' => [0 => ['acclimationMin' => 90]]]), 'the slowest of them');
        self::assertSame($usual, $takes($ph + ['animals' => [0 => ['acclimationMin' => 5]]]), 'the others take as long as before');
        $all = array_fill(0, 3, ['acclimationMin' => 5]);
        self::assertSame(15, $takes($ph + ['animals' => $all]), 'never less than the lid takes');
        $foul = ['waters' => ['fresh' => ['ph' => 8.4], 'totalAmmoniaMgL' => 3], 'animals' => [0 => ['acclimationMin' => 90]]];
        self::assertSame(15, $takes($foul), 'in foul water nobody waits');
    }

    #[Test]
    public function what_was_found_and_where_corals_stood_is_shown_by_photos(): void
    {
        $open = fn (array $photos, array $change = []): array => array_values(array_filter(
            self::codes(MoveAnswers::of(MoveReader::read(array_replace_recursive(self::sound(), $change), photographed: $photos))),
            fn (string $code): bool => str_contains($code, 'photo'),
        ));
        self::assertSame([], $open(['tank', 'stand', 'sump', 'places']));
        self::assertSame(['watch move-verdict-photo stand'], $open(['tank', 'sump', 'places']));
        self::assertSame(['watch move-places-photo'], $open(['tank', 'stand', 'sump']));
        // What nobody has looked at yet is asked for as a whole; what stays behind needs none.
        self::assertSame([], $open(['tank', 'sump', 'places'], ['pieces' => [1 => ['verdict' => 'unseen']]]));
        self::assertSame([], $open(['tank', 'sump', 'places'], ['pieces' => [1 => ['fate' => 'sell']]]));
        self::assertSame([], $open(['tank', 'stand', 'sump'], ['animals' => [2 => ['coral' => false, 'lengthCm' => 5]]]));
    }

    /** @return list<string> what is not Fine */
    private static function codes(MoveAnswers $answers): array
    {
        $open = array_filter($answers->findings, fn (Finding $f): bool => $f->severity !== Severity::Fine);

        return array_values(array_map(fn (Finding $f): string => "{$f->severity->value} {$f->code}"
            .($f->subject === null ? '' : " {$f->subject}"), $open));
    }

    #[Test]
    public function a_sound_move_is_objected_to_by_nobody_and_says_when_it_is_done(): void
    {
        $answers = self::answers();
        self::assertSame(['watch move-box-tight b1', 'watch move-box-tight b2'], self::codes($answers), 'more would be comfort');
        self::assertSame([4, 1], [count($answers->brief->people), count($answers->brief->spares)], 'one comes only when called');
        self::assertNotNull($answers->day);
        self::assertSame([], $answers->missing);
        self::assertNotNull($answers->fleet);
        self::assertSame([], $answers->fleet->stowages[0]->left);
        $starts = $answers->day->plan->starts;
        $order = ['off', 'lamps', 'corals', 'rock', 'fish', 'unplumb', 'tank', 'stand', 'load', 'lash', 'drive', 'unload', 'level', 'set',
            'plumb', 'scape', 'fill', 'leak', 'animals'];
        foreach (array_slice($order, 1) as $n => $step) {
            self::assertGreaterThanOrEqual($starts[$order[$n]], $starts[$step], $step);
        }
    }

    /** @param  array<string, mixed>  $change */
    #[Test]
    #[DataProvider('changes')]
    public function one_change_says_one_thing(string $says, array $change): void
    {
        $answers = self::answers($change);
        self::assertContains($says, self::codes($answers));
        foreach ($answers->findings as $finding) {
            foreach ([$finding->what, $finding->why, $finding->remedy] as $sentence) {
                self::assertDoesNotMatchRegularExpression('/[{}]/', (string) $sentence?->in(Units::metric()), $says);
            }
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function changes(): iterable
    {
        yield 'a thin bin in the cold' => ['stop move-box-temperature b1', ['way' => ['outdoorC' => -6, 'loadC' => -6],
            'boxes' => [0 => ['wall' => 'bin']]]];
        foreach (['days', 'agreedBy', 'agreedOn'] as $fact) {
            yield "plan B without {$fact}" => ['fix move-plan-b', ['planB' => [$fact => null]]];
        }
        yield 'no other day' => ['watch move-no-other-day', ['planB' => ['otherDay' => null]]];
        yield 'nobody stands by' => ['watch move-no-spare', ['people' => [4 => ['spare' => false]]]];
        yield 'no forecast' => ['fix move-box-weather b1', ['way' => ['outdoorC' => null]]];
        yield 'no forecast, said for all' => ['fix move-cold', ['way' => ['outdoorC' => null]]];
        yield 'a floor nobody has looked at' => ['watch move-floor-load', ['way' => ['floorLooked' => false]]];
        yield 'a crane' => ['stop move-hoist', ['way' => ['hoist' => true]]];
        yield 'another owner' => ['fix move-new-owner', ['way' => ['newOwner' => true]]];
        yield 'a border' => ['stop move-border', ['way' => ['border' => true]]];
        foreach (['hoist', 'newOwner', 'border'] as $fact) {
            yield "nobody has said {$fact}" => ["watch move-unsaid {$fact}", ['way' => [$fact => null]]];
        }
        yield 'waters far apart' => ['fix move-warmth-apart', ['waters' => ['newL' => 350, 'fresh' => ['temperature' => 31.3]]]];
        yield 'frost' => ['watch move-cold', ['way' => ['outdoorC' => 4.9]]];
        yield 'a fish nobody has measured' => ['fix move-box-unknown b1', ['animals' => [0 => ['lengthCm' => null]]]];
        yield 'a box too small' => ['stop move-box-small b1', ['boxes' => [0 => ['litres' => 17.9]]]];
        yield 'a box too short' => ['fix move-box-short b1', ['boxes' => [0 => ['lengthMm' => 269]]]];
        yield 'one that bites' => ['fix move-not-alone pair', ['animals' => [1 => ['alone' => true]]]];
        yield 'one that poisons another kind' => ['stop move-not-alone pair', ['animals' => [1 => ['toxic' => true, 'box' => 'b1']]]];
        yield 'zoanthids' => ['watch move-palytoxin', ['animals' => [2 => ['toxic' => true]]]];
        yield 'no box' => ['fix move-no-box tang', ['animals' => [0 => ['box' => 'b9']]]];
        yield 'air that does not carry' => ['fix move-air-little b1', ['boxes' => [0 => ['airLMin' => 0.5]]]];
        yield 'a battery that does not last' => ['fix move-air-short b1', ['boxes' => [0 => ['airHours' => 4.6]]]];
        yield 'a battery nobody knows' => ['fix move-air-short b2', ['boxes' => [1 => ['airHours' => null]]]];
        yield 'a box nobody carries' => ['stop move-box-heavy b1', ['boxes' => [0 => ['litres' => 30]],
            'people' => [0 => ['limitKg' => 10], 1 => ['limitKg' => 10], 2 => ['limitKg' => 10], 3 => ['limitKg' => 10]]]];
        yield 'a holding a little short of heat' => ['stop move-holding', ['holding' => ['warmH' => 11.9]]];
        yield 'a holding colder than what they come from' => ['stop move-holding', ['holding' => ['tempC' => 24.49]]];
        yield 'a holding warmer' => ['stop move-holding', ['holding' => ['tempC' => 26.51]]];
        yield 'a holding less salt' => ['stop move-holding', ['holding' => ['salinity' => 33.99]]];
        yield 'a holding saltier' => ['stop move-holding', ['holding' => ['salinity' => 36.01]]];
        yield 'a holding with ammonia' => ['stop move-holding', ['holding' => ['ammoniaMgL' => 0.4]]];
        yield 'a holding whose pH nobody has read' => ['stop move-holding', ['holding' => ['ph' => null]]];
        yield 'a holding whose ammonia nobody has read' => ['stop move-holding', ['holding' => ['ammoniaMgL' => null]]];
        yield 'a holding whose warmth nobody has read' => ['stop move-holding', ['holding' => ['tempC' => null]]];
        yield 'a holding whose salinity nobody has read' => ['stop move-holding', ['holding' => ['salinity' => null]]];
        yield 'a holding nobody has kept warm' => ['stop move-holding', ['holding' => ['warmH' => null]]];
        yield 'a tick outweighs nothing that was read' => ['stop move-holding', ['holding' => ['proved' => true, 'warmH' => 11.9]]];
        yield 'a holding proved by a tick' => ['watch move-holding-figures', ['holding' => ['proved' => true, 'tempC' => null,
            'salinity' => null, 'ph' => null, 'ammoniaMgL' => null, 'warmH' => null]]];
        yield 'a holding nobody looks after' => ['stop move-holding', ['holding' => ['person' => null]]];
        yield 'a holding without light' => ['stop move-holding', ['holding' => ['lit' => false]]];
        yield 'a holding at nobody’s place' => ['stop move-holding', ['holding' => ['place' => null]]];
        yield 'corals nobody has measured' => ['watch move-coral-unmeasured', ['animals' => [2 => ['lengthCm' => null]]]];
        yield 'corals that touch' => ['fix move-corals-touch b3', ['animals' => [2 => ['lengthCm' => 12.2]]]];
        yield 'large flesh beside others' => ['fix move-not-alone corals', ['animals' => [
            2 => ['fleshy' => true],
            3 => ['id' => 'gorgonian', 'label' => 'gorgonian', 'coral' => true, 'count' => 1, 'lengthCm' => 5, 'box' => 'b3'],
        ]]];
        yield 'a lamp nobody has decided about' => ['watch move-undecided', ['pieces' => [3 => ['fate' => null]]]];
        yield 'a service of no known length' => ['watch move-lead-unknown sump', ['pieces' => [4 => ['fate' => 'service']]]];
        yield 'rock nobody has spoken of' => ['watch move-rock-unsaid rock', ['pieces' => [2 => ['ride' => null]]]];
        yield 'damp rock on a long way' => ['fix move-rock-damp rock', ['pieces' => [2 => ['ride' => 'damp']]]];
        yield 'damp rock on a cold way' => ['watch move-rock-temperature rock', ['pieces' => [2 => ['ride' => 'damp']]]];
        yield 'a small holding' => ['fix move-holding-ammonia', ['holding' => ['litres' => 100]]];
        yield 'a cracked stand' => ['stop move-verdict stand', ['pieces' => [1 => ['verdict' => 'cracked']]]];
        yield 'a tank nobody has looked over' => ['fix move-verdict tank', ['pieces' => [0 => ['verdict' => 'unseen']]]];
        yield 'old acrylic' => ['fix move-old-acrylic tank', ['pieces' => [0 => ['acrylic' => true, 'ageYears' => 10.1]]]];
        yield 'acrylic of no age' => ['fix move-old-acrylic tank', ['pieces' => [0 => ['acrylic' => true]]]];
        yield 'a tank too heavy' => ['stop move-piece-heavy tank', ['pieces' => [0 => ['kg' => 38]]]];
        yield 'stairs' => ['stop move-piece-heavy tank', ['pieces' => [0 => ['kg' => 26]], 'way' => ['flightsTo' => 1]]];
        yield 'a piece nobody has weighed' => ['fix move-piece-unknown sump', ['pieces' => [4 => ['kg' => null]]]];
        yield 'water too far' => ['fix move-jump alkalinity', ['waters' => ['fresh' => ['alkalinity' => 9.3]]]];
        yield 'too much old water' => ['fix move-old-water', ['waters' => ['oldL' => 500]]];
        yield 'boxes that want more' => ['fix move-old-short', ['waters' => ['oldL' => 88]]];
        yield 'the truck' => ['stop move-end-missed return', ['truckBackMin' => 700]];
        yield 'the light' => ['stop move-end-missed unload', ['insideByMin' => 700]];
        yield 'quiet hours' => ['stop move-end-missed lash', ['leaveByMin' => 640]];
        yield 'whoever drives goes home early' => ['fix move-hours a', ['people' => [0 => ['untilMin' => 660]]]];
        yield 'nobody says who drives' => ['watch move-driver-unsaid', ['people' => [0 => ['drives' => false]]]];
        yield 'too heavy for the truck' => ['stop truck-payload', ['truck' => ['payloadKg' => 400]]];
    }

    #[Test]
    public function just_inside_each_limit_nobody_objects(): void
    {
        foreach ([
            ['way' => ['outdoorC' => 5]],
            ['way' => ['hoist' => true, 'hoistReady' => true, 'newOwner' => true, 'ownerAgrees' => true]],
            ['way' => ['border' => true, 'animalPapers' => true]],
            ['boxes' => [0 => ['lengthMm' => 270]]],
            ['pieces' => [0 => ['acrylic' => true, 'ageYears' => 10]]],
            ['pieces' => [0 => ['kg' => 37.5]]],
            ['way' => ['flightsTo' => 1], 'people' => array_fill(0, 4, ['limitKg' => 40])],
            ['waters' => ['fresh' => ['alkalinity' => 9.25]]],
            ['waters' => ['oldL' => 89]],
            ['animals' => [2 => ['lengthCm' => 12.1]]],
            ['animals' => [2 => ['fleshy' => true]]],
            ['pieces' => [4 => ['fate' => 'service', 'leadDays' => 400]]],
            ['pieces' => [3 => ['fate' => 'sell']]],
        ] as $n => $change) {
            $codes = array_filter(self::codes(self::answers($change)), fn (string $c): bool => ! str_contains($c, 'move-box-tight'));
            self::assertSame([], array_values($codes), (string) $n);
        }
    }

    #[Test]
    public function the_day_is_planned_round_whoever_comes_later_or_goes_early(): void
    {
        $hours = fn (array $people): array => array_values(array_filter(
            self::codes(self::answers(['people' => $people])),
            fn (string $code): bool => str_starts_with($code, 'fix move-hours'),
        ));
        self::assertSame([], $hours([1 => ['fromMin' => 900]]), 'the others do it');
        self::assertSame([], $hours([1 => ['untilMin' => 600]]));
        $all = array_fill(0, 4, ['untilMin' => 660]);
        self::assertCount(4, $hours($all), 'nobody is left for the rest of the day');
        $drives = self::answers([]);
        $back = $drives->brief->beginsMin + ($drives->day->plan->starts['return'] ?? 0) + ($drives->work->steps['return']->minutes ?? 0);
        self::assertSame([], $hours([0 => ['untilMin' => $back]]));
        self::assertSame(['fix move-hours a'], $hours([0 => ['untilMin' => $drives->brief->beginsMin + 200]]));
    }

    #[Test]
    public function what_nobody_has_said_is_asked_for_and_no_course_is_made_up(): void
    {
        foreach ([
            'how long the drive is' => ['way' => ['driveMin' => null]],
            'how fast water runs out: a hose, or a bucket against the clock' => ['waters' => ['drainLh' => null]],
            'how fast water comes in' => ['waters' => ['fillLh' => null]],
            'how much old water is kept' => ['waters' => ['oldL' => null]],
            'how much water is mixed new' => ['waters' => ['newL' => null]],
            'the kilograms of rock' => ['pieces' => [2 => ['kg' => null]]],
        ] as $asks => $change) {
            $answers = self::answers($change);
            self::assertSame([$asks], $answers->missing);
            self::assertNull($answers->day);
        }
        $nobody = self::sound();
        $nobody['people'] = [];
        self::assertSame(['who comes'], MoveAnswers::of(MoveReader::read($nobody))->missing);
    }

    #[Test]
    public function next_door_things_are_carried_out_before_they_are_carried_in(): void
    {
        $day = self::answers(['way' => ['driveMin' => 0]])->day;
        self::assertNotNull($day);
        foreach (['fish', 'corals', 'tank', 'load', 'lash'] as $before) {
            self::assertGreaterThan($day->plan->starts[$before], $day->plan->starts['unload'], $before);
        }
        self::assertGreaterThan(0, min(array_map(fn (array $c): int => $c['untilMin'] - $c['fromMin'], $day->clocks)));
        $missed = fn (array $change): array => array_values(array_filter(
            self::codes(self::answers(['way' => ['driveMin' => 0]] + $change)),
            fn (string $code): bool => str_starts_with($code, 'stop move-end-missed'),
        ));
        self::assertSame([], $missed(['truckBackMin' => 1200]));
        self::assertSame(['stop move-end-missed unload'], $missed(['truckBackMin' => 600]), 'it is back when it is empty');
    }

    #[Test]
    public function comfort_is_by_the_length_of_the_fish_and_twice_that_after_two_hours(): void
    {
        $tight = fn (array $change): bool => in_array('watch move-box-tight b2', self::codes(self::answers($change)), true);
        // Two of 6 cm, three hours in their box: 4 L for each cm.
        self::assertTrue($tight(['boxes' => [1 => ['litres' => 47.9]]]));
        self::assertFalse($tight(['boxes' => [1 => ['litres' => 48]]]));
        // Next door it is not two: the rock is out at once, water runs in as fast, and there is none to lift.
        $near = ['way' => ['driveMin' => 0], 'waters' => ['oldL' => 90, 'newL' => 10, 'drainLh' => 4000, 'fillLh' => 4000]];
        $near['pieces'] = [2 => ['kg' => 2], 4 => ['unions' => 0]];
        $inside = fn (array $change): float => self::inBoxH(self::answers($change));
        self::assertLessThanOrEqual(2.0, $inside($near));
        self::assertTrue($tight([...$near, 'boxes' => [1 => ['litres' => 23.9]]]));
        self::assertFalse($tight([...$near, 'boxes' => [1 => ['litres' => 24]]]));
        // A minute more than two hours is long: carried in from farther,.
        $near['boxes'] = [1 => ['litres' => 30]];
        $from = fn (int $metres): array => [...$near, 'way' => ['driveMin' => 0, 'carryToM' => $metres]];
        self::assertSame([2.0, false], [$inside($from(30)), $tight($from(30))]);
        self::assertSame([121 / 60, true], [$inside($from(31)), $tight($from(31))]);
    }

    private static function inBoxH(MoveAnswers $answers): float
    {
        $clock = array_column($answers->day->clocks ?? [], null, 'label')['box 2'];

        return ($clock['untilMin'] - $clock['fromMin']) / 60;
    }

    #[Test]
    public function the_air_of_a_box_lasts_half_as_long_again_as_the_way(): void
    {
        $short = fn (float $hours): bool => in_array('fix move-air-short b2', self::codes(self::answers(
            ['boxes' => [1 => ['airHours' => $hours]]],
        )), true);
        $wayH = self::inBoxH(self::answers());
        self::assertTrue($short(1.5 * $wayH - 0.01));
        self::assertFalse($short(1.5 * $wayH + 0.01));
    }

    #[Test]
    public function glued_corals_take_longer_and_stairs_take_their_time(): void
    {
        $takes = fn (string $step, array $change): int => self::answers($change)->work->steps[$step]->minutes;
        self::assertSame(24, $takes('corals', []), 'twelve, two minutes each');
        self::assertSame(60, $takes('corals', ['animals' => [2 => ['glued' => true]]]), 'five each');
        self::assertSame([9, 36], [$takes('fish', []), $takes('fish', ['fish' => 'first'])], 'three, among rock twelve minutes each');
        // Eight things: a way of 1.5 min, 1 min to stow; 0.8 for each flight, 30 m in a minute.
        self::assertSame(20, $takes('load', ['way' => ['carryFromM' => 0]]));
        self::assertSame(46, $takes('load', ['way' => ['carryFromM' => 0, 'flightsFrom' => 4]]));
        self::assertSame(36, $takes('load', ['way' => ['carryFromM' => 60]]));
    }

    #[Test]
    public function an_air_stone_lies_at_four_fifths_of_the_water(): void
    {
        $answers = fn (float $airLMin): MoveAnswers => self::answers(['boxes' => [0 => ['airLMin' => $airLMin]]]);
        $least = self::turning(
            fn (float $air): bool => in_array('fix move-air-little b1', self::codes($answers($air)), true),
            0.01,
            20.0,
        );
        $box = $answers($least)->boxes[0];
        $heightM = 1000 * $box->box->litres / ($box->box->lengthMm * $box->box->widthMm);
        $carried = AirSupply::carriesMgH($least, 0.8 * $heightM, 4.0, Seawater::at(35, 25.5)->oxygenSatMgL());
        self::assertEqualsWithDelta($box->demandMgH, $carried, 1e-3 * $carried);
    }

    #[Test]
    public function damp_rock_cools_as_the_water_that_holds_as_much_heat(): void
    {
        // 30 kg of 0.84 kJ/(kg·K) are as much as 6.2 L of water, in a bin of the same size.
        $asWater = ['wall' => 'bin', 'litres' => 30 * 0.84 / (1.0233 * 3.99), 'lengthMm' => 600, 'widthMm' => 400, 'heightMm' => 320];
        $answers = self::answers(['pieces' => [2 => ['ride' => 'damp']], 'boxes' => [2 => $asWater]]);
        self::assertNotNull($answers->day);
        $rock = Warmth::ofRock($answers->brief, $answers->brief->pieces[2], $answers->day);
        $water = Warmth::of($answers->brief, $answers->brief->boxes[2], $answers->day, 'rock');
        // As far as both go the same way: rock comes in before animals do.
        self::assertEqualsWithDelta(array_slice($water->endsC ?? [], 0, 4), array_slice($rock->endsC ?? [1], 0, 4), 1e-9);
    }

    #[Test]
    public function a_day_nobody_gave_an_hour_begins_at_ten(): void
    {
        $move = self::sound();
        unset($move['beginsMin']);
        self::assertSame(600, MoveReader::read($move)->beginsMin);
    }

    #[Test]
    public function what_is_ordered_has_to_come_before_the_day(): void
    {
        $late = fn (float $lead, ?int $left): array => array_values(array_filter(
            self::codes(MoveAnswers::of(MoveReader::read(
                array_replace_recursive(self::sound(), ['pieces' => [4 => ['fate' => 'replace', 'leadDays' => $lead]]]),
                daysLeft: $left,
            ))),
            fn (string $code): bool => str_contains($code, 'lead'),
        ));
        self::assertSame([[], [], ['fix move-lead-late sump']], [$late(10, null), $late(10, 10), $late(10, 9)]);
        self::assertSame(['fix move-lead-late sump'], $late(1, -2));
    }

    #[Test]
    public function rock_may_be_damp_for_four_hours(): void
    {
        $short = ['way' => ['driveMin' => 5, 'outdoorC' => 24, 'loadC' => 24, 'roomFromC' => 24, 'roomToC' => 24],
            'animals' => [2 => ['count' => 1]], 'pieces' => [2 => ['ride' => 'damp'], 4 => ['unions' => 0]]];
        $answers = self::answers($short);
        $damp = ($answers->day->plan->starts['scape'] ?? 0) - ($answers->day->plan->starts['rock'] ?? 0);
        $says = fn (array $change): array => array_values(array_filter(
            self::codes(self::answers(array_replace_recursive($short, $change))),
            fn (string $code): bool => str_contains($code, 'rock'),
        ));
        self::assertLessThanOrEqual(240, $damp);
        self::assertSame([], $says([]), "{$damp} min, and as warm outside as within");
        // A minute of the map is a minute and a quarter driven gently.
        self::assertSame([], $says(['way' => ['driveMin' => 5 + (int) floor((240 - $damp) / 1.25)]]));
        self::assertSame(['fix move-rock-damp rock'], $says(['way' => ['driveMin' => 6 + (int) ceil((240 - $damp) / 1.25)]]));
        self::assertSame(['watch move-rock-temperature rock'], $says(['way' => ['loadC' => 5, 'outdoorC' => 5]]));
        self::assertSame([], $says(['way' => ['loadC' => 5, 'outdoorC' => 5], 'pieces' => [2 => ['ride' => 'submerged']]]));
        self::assertContains('watch move-rock-temperature rock', $says(['way' => ['loadC' => 45, 'outdoorC' => 45]]));
    }

    #[Test]
    public function a_warm_pack_warms_its_box_and_never_cools_it(): void
    {
        $arrives = fn (float $watts): float => self::answers(['way' => ['outdoorC' => -6, 'loadC' => -6],
            'boxes' => [0 => ['warmW' => $watts]]])->warmth['b1']->lastC ?? NAN;
        self::assertGreaterThan($arrives(0), $arrives(5));
        self::assertGreaterThan($arrives(5), $arrives(20));
    }

    #[Test]
    public function each_stop_has_its_plan_b(): void
    {
        $codes = fn (array $change): array => array_values(array_filter(
            self::codes(self::answers($change)),
            fn (string $code): bool => str_contains($code, 'stop-plan-b'),
        ));
        $cracked = ['pieces' => [1 => ['verdict' => 'cracked']]];
        self::assertSame([], $codes([]), 'nothing stops it');
        self::assertSame(['fix move-stop-plan-b'], $codes($cracked));
        $stop = array_values(array_filter(self::answers($cracked)->findings, fn (Finding $f): bool => $f->code === 'move-verdict'))[0];
        $then = ['planB' => ['stops' => [['stop' => $stop->key(), 'then' => 'The spare stand from the depot.']]]];
        self::assertSame([], $codes($cracked + $then));
        self::assertSame(['fix move-stop-plan-b'], $codes(['pieces' => [1 => ['verdict' => 'cracked'], 0 => ['kg' => 38]]] + $then));
        self::assertSame(['fix move-stop-plan-b'], $codes($cracked + ['planB' => ['stops' => [['stop' => $stop->key()]]]]));
        self::assertSame([], $codes(['holding' => ['person' => null]]), 'it is the plan B of the others');
    }

    #[Test]
    public function rock_and_glue_have_clocks_of_their_own(): void
    {
        $clocks = function (array $change): array {
            $answers = self::answers($change);
            $plan = $answers->day?->plan;

            return OtherClocks::of($answers->brief, fn (string $step): ?array => isset($plan->starts[$step])
                ? [(float) $plan->starts[$step], (float) ($plan->starts[$step] + ($answers->work->steps[$step]->minutes ?? 0))]
                : null);
        };
        self::assertSame([], $clocks([]), 'under water, and nothing glued');
        [$rock] = $clocks(['pieces' => [2 => ['ride' => 'damp']]]);
        self::assertSame([OtherClocks::ROCK, $rock['fromMin'] + 240.0], [$rock['kind'], $rock['lastsMin']]);
        self::assertGreaterThan($rock['fromMin'], $rock['untilMin']);
        [$glue] = $clocks(['waters' => ['glueMin' => 90]]);
        self::assertSame([OtherClocks::GLUE, $glue['fromMin'] + 90.0], [$glue['kind'], $glue['lastsMin']]);
        self::assertGreaterThanOrEqual($glue['lastsMin'], $glue['untilMin'], 'nobody fills upon wet glue');
        self::assertSame([], $clocks(['waters' => ['glueMin' => 0]]));
        self::assertSame([], OtherClocks::of(self::answers(['waters' => ['glueMin' => 90]])->brief, fn (): null => null));
    }

    #[Test]
    public function heaters_cool_for_a_quarter_of_an_hour_before_water_leaves_them(): void
    {
        $starts = self::answers(['waters' => ['drainLh' => 6000]])->day->plan->starts ?? [];
        self::assertGreaterThanOrEqual($starts['off'] + 10 + 15, $starts['old']);
    }

    /** A fact taken away never makes it better. */
    #[Test]
    public function a_fact_less_never_makes_a_move_fine(): void
    {
        $holes = [['way', 'outdoorC'], ['way', 'roomFromC'], ['way', 'roomToC'], ['way', 'driveMin'], ['waters', 'old', 'temperature'],
            ['waters', 'old', 'ph'], ['waters', 'old', 'salinity'], ['holding', 'litres'], ['holding', 'heaterW'], ['holding', 'person'],
            ['animals', 0, 'lengthCm'], ['animals', 2, 'lengthCm'], ['holding', 'place'], ['holding', 'lit'], ['pieces', 2, 'ride'],
            ['pieces', 3, 'fate'], ['pieces', 0, 'kg'], ['pieces', 1, 'lengthMm'], ['pieces', 0, 'verdict'], ['truck', 'wheelbaseMm']];
        foreach ($holes as $path) {
            $sound = self::sound();
            $at = &$sound;
            foreach (array_slice($path, 0, -1) as $key) {
                $at = &$at[$key];
            }
            unset($at[$path[count($path) - 1]]);
            unset($at);
            $answers = MoveAnswers::of(MoveReader::read($sound));
            self::assertNotSame([], [...self::codes($answers), ...$answers->missing], implode('.', $path));
        }
    }

    #[Test]
    public function fish_first_takes_longer_and_a_swap_drives_nowhere(): void
    {
        $first = self::answers(['fish' => 'first'])->day;
        self::assertNotNull($first);
        self::assertLessThan($first->plan->starts['rock'], $first->plan->starts['fish']);
        $swap = self::answers(['kind' => 'swap'])->day;
        self::assertNotNull($swap);
        self::assertArrayNotHasKey('drive', $swap->plan->starts);
        self::assertArrayHasKey('animals', $swap->plan->starts);
        self::assertArrayNotHasKey('set', self::answers(['kind' => 'removal'])->day->plan->starts ?? []);
    }

    #[Test]
    public function a_document_that_is_wrong_is_refused_by_the_name_of_its_field(): void
    {
        foreach ([
            'boxes.0.wall' => ['boxes' => [0 => ['wall' => 'paper']]],
            'way.colour' => ['way' => ['colour' => 1]],
            'waters.old.gold' => ['waters' => ['old' => ['gold' => 1]]],
            'kind' => ['kind' => 'flight'],
            'schema' => ['schema' => 2],
        ] as $field => $change) {
            try {
                self::answers($change);
                self::fail($field);
            } catch (OutOfRange $e) {
                self::assertSame($field, $e->field);
            }
        }
    }

    #[Test]
    public function what_is_taken_along_follows_what_is_planned(): void
    {
        $list = fn (array $change = []): array => array_column(
            TakeAlong::of(MoveReader::read(array_replace_recursive(self::sound(), $change))),
            'count',
            'what',
        );
        $plain = $list();
        self::assertSame([3, 2, 4], [$plain['boxes with lids and labels'], $plain['air pumps, with lines and stones'],
            $plain['spare seals and plugs for bulkheads']]);
        self::assertArrayHasKey('suction lifters', $plain);
        self::assertArrayHasKey('suction lifters', $list(['way' => ['outdoorC' => 5.0]]));
        self::assertSame(3, $plain['buckets']);
        self::assertArrayNotHasKey('suction lifters', $list(['way' => ['outdoorC' => 4.9]]));
        self::assertArrayNotHasKey('suction lifters', $list(['way' => ['outdoorC' => null]]));
        self::assertArrayHasKey('an aid that carries tank', $list(['pieces' => [0 => ['kg' => 38]]]));
        self::assertCount(count($plain) + 1, $list(['animals' => [2 => ['toxic' => true]]]));
    }

    #[Test]
    public function a_fortnight_is_owed_after_a_move_and_nothing_after_a_removal(): void
    {
        $owed = AfterMove::owed(MoveKind::House);
        self::assertCount(12, $owed);
        foreach ($owed as $one) {
            self::assertTrue($one->fromDay <= $one->dueDay && $one->dueDay <= $one->latestDay, $one->text);
        }
        self::assertSame([0, 1, 1, 2, 3, 4, 5, 6, 7], array_map(fn (AfterMove $o): int => $o->dueDay, array_slice($owed, 0, 9)));
        self::assertSame([], AfterMove::owed(MoveKind::Removal));
        $reads = array_filter($owed, fn (AfterMove $o): bool => str_contains($o->text, 'of 7:'));
        $ours = array_filter($reads, fn (AfterMove $o): bool => $o->isOnSite);
        $days = array_map(fn (AfterMove $o): int => $o->dueDay, array_values($ours));
        self::assertSame([1, 4, 7], $days, 'the others are read by who lives there');
    }
}
