<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Moves\Course\Hand;
use Velbrin\Core\Moves\Course\Placing;
use Velbrin\Core\Moves\Course\Plan;
use Velbrin\Core\Moves\Course\Step;
use Velbrin\Core\Moves\Course\Work;

/** Who does a step, and when there is room for it. */
final class PlacingTest extends TestCase
{
    /** @param  list<string>  $skills */
    private static function hand(string $id, array $skills = []): Hand
    {
        return new Hand($id, $skills);
    }

    #[Test]
    public function a_step_is_put_later_only_where_its_hands_are_free(): void
    {
        $work = new Work([new Step('one', 60), new Step('two', 60)], [self::hand('a')], [], []);
        $plan = new Plan(['one' => 0, 'two' => 60], ['one' => ['a'], 'two' => ['a']]);
        $placing = Placing::standing($work, $plan);
        $placing->putLater($work->steps['one'], 100);
        self::assertSame(0, $placing->startOf('one'), 'until 120 the only one is at the other step');
        $placing->putLater($work->steps['one'], 120);
        self::assertSame(120, $placing->startOf('one'));
        $placing->putLater($work->steps['two'], 90);
        self::assertSame(60, $placing->startOf('two'), 'and not into what was put there just now');
    }

    #[Test]
    public function whoever_is_busy_with_what_stands_is_not_chosen_for_what_is_put_later(): void
    {
        $work = new Work([new Step('one', 60), new Step('two', 60)], [self::hand('b'), self::hand('a')], [], []);
        $placing = Placing::standing($work, new Plan(['one' => 0, 'two' => 60], ['one' => ['a'], 'two' => ['b']]));
        $placing->putLater($work->steps['one'], 100);
        self::assertSame([100, ['a']], [$placing->startOf('one'), $placing->plan()->hands['one']]);
        $placing->putLater($work->steps['one'], 130);
        self::assertSame(['b'], $placing->plan()->hands['one'], 'free again, and named first');
    }

    #[Test]
    public function whoever_can_two_things_does_both_and_another_helps(): void
    {
        $both = new Work(
            [new Step('lift', 30, 2, skills: ['pump', 'glass'])],
            [self::hand('b'), self::hand('a', ['pump', 'glass'])],
            [],
            [],
        );
        $plan = Placing::forwards($both, ['lift']);
        self::assertSame(0, $plan->starts['lift']);
        self::assertEqualsCanonicalizing(['a', 'b'], $plan->hands['lift']);
    }

    #[Test]
    public function whoever_can_least_goes_first_and_of_two_alike_the_one_named_first(): void
    {
        $hands = [self::hand('all', ['pump', 'glass']), self::hand('none'), self::hand('pump', ['pump']), self::hand('also none')];
        $who = fn (Step $step): array => Placing::forwards(new Work([$step], $hands, [], []), [$step->id])->hands[$step->id];
        self::assertSame(['none'], $who(new Step('s', 10)));
        self::assertSame(['none', 'also none'], $who(new Step('s', 10, 2)));
        self::assertSame(['pump'], $who(new Step('s', 10, skills: ['pump'])));
        self::assertSame(['all'], $who(new Step('s', 10, skills: ['glass'])));
    }
}
