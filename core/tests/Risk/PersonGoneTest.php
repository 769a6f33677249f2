<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Risk\AlarmWay;
use Velbrin\Core\Risk\Called;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Place;
use Velbrin\Core\Risk\Single\LaterHelp;
use Velbrin\Core\Risk\Single\PersonGone;
use Velbrin\Core\Risk\Standing\Moment;

/** Somebody who would come is not there: who is missed, by how much, and for what (X-22, X-48). */
final class PersonGoneTest extends TestCase
{
    #[Test]
    public function whoever_alone_is_called_leaves_nobody(): void
    {
        [$gone] = PersonGone::each(self::moment([self::person('Ada')]));
        self::assertSame('Ada', $gone->name);
        $cut = self::of($gone, Hazard::PowerCut);
        self::assertNotNull($cut);
        self::assertSame([true, null, false], [$cut->wasInTime(), $cut->withoutH, $cut->isInTime()]);
        self::assertContains(Hazard::PowerCut, array_map(fn (LaterHelp $l): Hazard => $l->hazard, $gone->tooLate()));
    }

    #[Test]
    public function the_next_one_comes_after_the_wait_and_their_own_way(): void
    {
        // At noon: 15 min to hear, 20 on the road, 30 to put it right; then 10 min until the next, 50 on the road.
        $chain = [self::person('Ada', travelMin: 20, stepMin: 10), self::person('Ben', travelMin: 50)];
        $gone = self::byName(PersonGone::each(self::moment($chain)));
        $cut = self::of($gone['Ada'], Hazard::PowerCut);
        self::assertEqualsWithDelta(65 / 60, $cut?->withH, 1e-9);
        self::assertEqualsWithDelta(105 / 60, $cut->withoutH, 1e-9);
        self::assertSame([], $gone['Ben']->later, 'who comes second is not missed while the first answers');
    }

    #[Test]
    public function what_is_too_late_with_them_is_later_but_not_lost_by_them(): void
    {
        $gone = self::byName(PersonGone::each(self::moment([self::person('Ada', 3000), self::person('Ben', 4000)])));
        self::assertNotNull(self::of($gone['Ada'], Hazard::PowerCut));
        self::assertSame([], $gone['Ada']->tooLate());
    }

    #[Test]
    public function on_the_edge_it_is_still_in_time(): void
    {
        foreach ([[2.0, true], [2.0 + 1e-6, false]] as [$withoutH, $inTime]) {
            $late = new LaterHelp(Hazard::PowerCut, 2.0, 2.0, $withoutH);
            self::assertSame([true, $inTime], [$late->wasInTime(), $late->isInTime()]);
        }
        self::assertFalse((new LaterHelp(Hazard::PowerCut, 2.0, 2.1, 3.0))->wasInTime());
    }

    #[Test]
    public function who_cannot_answer_is_not_missed_and_a_nearer_next_one_even_helps(): void
    {
        $chain = [self::person('Ada', answers: false), self::person('Ben', travelMin: 180), self::person('Cor', travelMin: 5, stepMin: 1)];
        $gone = self::byName(PersonGone::each(self::moment($chain)));
        self::assertSame(['Ben', 'Cor'], array_keys($gone));
        self::assertNotContains(
            Hazard::PowerCut,
            array_map(fn (LaterHelp $l): Hazard => $l->hazard, $gone['Ben']->later),
            'Cor lives next door',
        );
    }

    #[Test]
    public function whoever_looks_rings_the_next_who_answers(): void
    {
        $ada = self::person('Ada', travelMin: 20);
        $place = new Place(12, [1.0], [[0, 99]], $ada);
        $moment = fn (Called ...$chain): Moment => new Moment(
            1.0,
            Worlds::tank(8, [new Heater('a', 300, 'a')]),
            $place,
            [new AlarmWay('nothing', [], 0, true, true, array_values($chain))],
        );
        [$alone] = PersonGone::each($moment($ada));
        self::assertNull(self::of($alone, Hazard::PowerCut)?->withoutH);
        $gone = self::byName(PersonGone::each($moment($ada, self::person('Ben', travelMin: 50))));
        self::assertEqualsWithDelta(1 + 80 / 60, self::of($gone['Ada'], Hazard::PowerCut)?->withoutH, 1e-9);
    }

    #[Test]
    public function nobody_on_record_is_nobody_to_miss(): void
    {
        self::assertSame([], PersonGone::each(self::moment([])));
    }

    #[Test]
    public function one_more_behind_them_never_makes_anybody_missed_more(): void
    {
        mt_srand(48);
        for ($n = 0; $n < 60; $n++) {
            $chain = [];
            for ($i = 0, $many = mt_rand(1, 3); $i < $many; $i++) {
                $chain[] = self::person("P{$i}", travelMin: mt_rand(5, 120), stepMin: mt_rand(5, 30), answers: mt_rand(0, 3) > 0);
            }
            $before = self::byName(PersonGone::each(self::moment($chain)));
            $after = self::byName(PersonGone::each(self::moment([...$chain, self::person('Last', travelMin: mt_rand(5, 240))])));
            foreach ($before as $name => $gone) {
                self::assertLessThanOrEqual(count($gone->tooLate()), count($after[$name]->tooLate()));
                self::assertLessThanOrEqual(count($gone->later), count($after[$name]->later));
            }
        }
    }

    /** @param  list<Called>  $chain */
    private static function moment(array $chain): Moment
    {
        return new Moment(
            1.0,
            Worlds::tank(8, [new Heater('a', 300, 'a')]),
            new Place(12, [], [[0, 99]]),
            [new AlarmWay('power', [Hazard::PowerCut], 0, true, true, $chain)],
        );
    }

    private static function person(string $name, float $travelMin = 30, float $stepMin = 15, bool $answers = true): Called
    {
        return new Called($name, $answers, $stepMin, $travelMin, true);
    }

    /**
     * @param  list<PersonGone>  $all
     * @return array<string, PersonGone>
     */
    private static function byName(array $all): array
    {
        return array_column(array_map(fn (PersonGone $g): array => [$g->name, $g], $all), 1, 0);
    }

    private static function of(PersonGone $gone, Hazard $hazard): ?LaterHelp
    {
        foreach ($gone->later as $later) {
            if ($later->hazard === $hazard) {
                return $later;
            }
        }

        return null;
    }
}
