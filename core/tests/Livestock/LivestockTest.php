<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Livestock;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Livestock\AnimalKind;
use Velbrin\Core\Livestock\AnimalState;
use Velbrin\Core\Livestock\CoralLight;
use Velbrin\Core\Livestock\Lot;
use Velbrin\Core\Livestock\Transfer;
use Velbrin\Core\Livestock\Water;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Measure\Units;

/** Animals that keep their identity: what they weigh, where they may go, what light they stand in. */
final class LivestockTest extends TestCase
{
    /** @return list<string> */
    private static function codes(Water $from, Water $to, Lot $lot): array
    {
        return array_map(fn (Finding $f): string => "{$f->severity->value} {$f->code}", Transfer::findings($from, $to, $lot));
    }

    #[Test]
    public function a_lot_weighs_by_its_length_and_one_nobody_measured_weighs_nobody_knows_what(): void
    {
        // 0.02 g for each cm³ of length: 10 cm is 20 g; deep-bodied 30 g.
        self::assertEqualsWithDelta(60.0, (new Lot('chromis', AnimalKind::Fish, 3, 10))->grams(), 1e-9);
        self::assertEqualsWithDelta(30.0, (new Lot('tang', AnimalKind::Fish, 1, 10, true))->grams(), 1e-9);
        self::assertNull((new Lot('wrasse', AnimalKind::Fish, 1))->grams());
        self::assertSame(0.0, (new Lot('acropora', AnimalKind::Coral, 9))->grams());
        $two = [new Lot('chromis', AnimalKind::Fish, 3, 10), new Lot('snails', AnimalKind::Other, 40)];
        self::assertEqualsWithDelta(60.0, Lot::gramsOf($two), 1e-9);
        self::assertNull(Lot::gramsOf([...$two, new Lot('wrasse', AnimalKind::Fish, 1)]));
        self::assertSame(0.0, Lot::gramsOf([]));
        foreach ([0, 10_001] as $count) {
            try {
                new Lot('none', AnimalKind::Fish, $count);
                self::fail((string) $count);
            } catch (OutOfRange $e) {
                self::assertSame('count', $e->field);
            }
        }
    }

    #[Test]
    public function nothing_leaves_what_is_isolated_and_what_receives_has_to_bear_it(): void
    {
        $fish = new Lot('tang', AnimalKind::Fish, 1, 10, true);
        $reef = new Water('Reef', 200, 170);
        self::assertSame([], self::codes(new Water('Shop', 300, 500), $reef, $fish), '200 g in 200 L: a gram to the litre');
        self::assertSame(['watch livestock-load'], self::codes(new Water('Shop', 300, 500), new Water('Reef', 200, 171), $fish));
        self::assertSame(['stop livestock-isolated'], self::codes(new Water('Shop', 300, 500, true), $reef, $fish));
        self::assertSame([], self::codes(new Water('Shop', 300, 500), new Water('Bay', 200, 0, true), $fish), 'into it they may go');
        $heavy = self::codes(new Water('Shop', 300, 500, true), new Water('Cup', 10, 0), $fish);
        self::assertSame(['stop livestock-isolated', 'watch livestock-load'], $heavy);
        // Corals and snails weigh on nothing here.
        self::assertSame([], self::codes(new Water('Shop', null, null), new Water('Reef', null, null), new Lot('a', AnimalKind::Coral, 4)));
    }

    #[Test]
    public function what_nobody_said_is_asked_for_and_never_fine(): void
    {
        $fish = new Lot('tang', AnimalKind::Fish, 1, 10);
        $from = new Water('Shop', 300, 500);
        foreach ([
            'its litres' => [new Water('Reef', null, 100), $fish],
            'how long each fish in it is' => [new Water('Reef', 200, null), $fish],
            'how long tang is' => [new Water('Reef', 200, 100), new Lot('tang', AnimalKind::Fish, 1)],
        ] as $asks => [$to, $lot]) {
            $found = Transfer::findings($from, $to, $lot);
            self::assertSame([Severity::Watch], array_map(fn (Finding $f): Severity => $f->severity, $found));
            self::assertSame("It needs {$asks}.", $found[0]->why->in(Units::metric()));
        }
    }

    #[Test]
    public function a_coral_outside_its_light_is_told_of_on_both_sides(): void
    {
        $says = fn (?float $par, ?float $low, ?float $high): bool => CoralLight::finding('Acropora', $par, $low, $high) !== null;
        self::assertSame([false, true], [$says(200, 200, 350), $says(199.9, 200, 350)]);
        self::assertSame([false, true], [$says(350, 200, 350), $says(350.1, 200, 350)]);
        self::assertSame([false, true], [$says(900, 200, null), $says(100, 200, null)]);
        self::assertFalse($says(null, 200, 350), 'nobody has measured');
        self::assertFalse($says(90, null, null));
        $words = CoralLight::finding('Acropora', 90, 200, null)?->what->in(Units::metric());
        self::assertDoesNotMatchRegularExpression('/[{}]/', (string) $words);
        self::assertStringContainsString('any', (string) $words);
    }

    #[Test]
    public function what_is_wished_for_does_not_breathe_yet(): void
    {
        $lives = array_filter(AnimalState::cases(), fn (AnimalState $s): bool => $s->lives());
        self::assertSame([AnimalState::Quarantine, AnimalState::Here], array_values($lives));
    }
}
