<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Programme\Order;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Control\Programme\Words;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Units;

/** Who may ask an outlet for something else, and what is never asked from afar. */
final class OrderTest extends TestCase
{
    /** @param  array<string, mixed>  $more  of the outlet */
    private static function against(string $id, float $level, bool $plans, array $more): ?string
    {
        $sound = CheckerTest::sound();
        foreach ($sound['outlets'] as $n => $outlet) {
            $sound['outlets'][$n] = $outlet['id'] === $id ? array_replace_recursive($outlet, $more) : $outlet;
        }

        return Order::against(SetupReader::read($sound), $id, $level, $plans)?->code;
    }

    /** @return iterable<string, array{string|null, string, float, bool, 4?: array<string, mixed>}> */
    public static function asked(): iterable
    {
        $works = ['override' => 'works-there'];
        yield 'not there at all' => ['control.not-in-what-runs', 'nothing', 0, true];
        yield 'nobody has said, and a planner asks' => [null, 'stream', 0, true];
        yield 'nobody has said' => ['control.nobody-has-said-who-may-override', 'stream', 0, false];
        yield 'whoever works there' => [null, 'stream', 0, false, $works];
        yield 'planners, and a technician asks' => ['control.only-planners-override', 'stream', 0, false, ['override' => 'planners']];
        yield 'planners' => [null, 'stream', 0, true, ['override' => 'planners']];
        yield 'nobody, not even a planner' => ['control.nobody-may-override', 'stream', 0, true, ['override' => 'nobody']];
        yield 'a top-off off' => [null, 'topoff', 0, true];
        yield 'a top-off on' => ['control.what-it-gives-is-not-counted', 'topoff', 1, true];
        yield 'a doser a little' => ['control.what-it-gives-is-not-counted', 'alk', 0.01, true];
        $gives = 'control.what-it-gives-is-not-counted';
        yield 'what gives, whatever its rule' => [$gives, 'stream', 1, true, ['hung' => ['job' => 'ro-unit']]];
        yield 'a heater with a thermostat and a guard' => [null, 'heater1', 1, true];
        yield 'a heater that nothing stops' => ['control.nothing-would-stop-it', 'heater2', 1, true];
        yield 'that one off' => [null, 'heater2', 0, true];
        yield 'a heater that stops by itself' => [null, 'heater2', 1, true, ['hung' => ['thermostatC' => 27.0]]];
    }

    /** @param  array<string, mixed>  $more */
    #[Test]
    #[DataProvider('asked')]
    public function it_is_asked_or_the_reason_is_said(?string $says, string $id, float $level, bool $plans, array $more = []): void
    {
        self::assertSame($says, self::against($id, $level, $plans, $more));
    }

    #[Test]
    public function a_guard_that_switches_it_off_is_enough_and_one_that_only_dims_is_not(): void
    {
        $sound = CheckerTest::sound();
        $guarded = function (string $then) use ($sound): ?string {
            $guard = ['id' => 'hot 2', 'outlet' => 'heater2', 'then' => $then] + $sound['guards'][0];

            return Order::against(SetupReader::read([...$sound, 'guards' => [$guard]]), 'heater2', 1.0, true)?->code;
        };
        self::assertNull($guarded('off'));
        self::assertSame('control.nothing-would-stop-it', $guarded('on'));
    }

    #[Test]
    public function who_may_is_part_of_the_set_up_said_in_it_and_nothing_else_is_taken(): void
    {
        $sound = CheckerTest::sound();
        $sound['outlets'][4]['override'] = 'works-there';
        $setup = SetupReader::read($sound);
        $stream = array_column($setup->programme->outlets, null, 'id')['stream'];
        $manners = array_map(fn ($s): string => $s->in(Units::metric()), (new Words($setup))->manners($stream));
        self::assertContains('overridden by: whoever works there', $manners);
        $sound['outlets'][4]['override'] = 'the cat';
        $this->expectException(OutOfRange::class);
        SetupReader::read($sound);
    }
}
