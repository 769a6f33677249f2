<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Risk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Heat\Heater;
use Velbrin\Core\Measure\Severity;
use Velbrin\Core\Risk\AlarmQuantity;
use Velbrin\Core\Risk\AlarmWay;
use Velbrin\Core\Risk\Called;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\HoursInHand;
use Velbrin\Core\Risk\Layer\Hangs;
use Velbrin\Core\Risk\Layer\Layer;
use Velbrin\Core\Risk\Layer\LayerKind;
use Velbrin\Core\Risk\Measures\Judged;
use Velbrin\Core\Risk\Measures\MeasureKind;
use Velbrin\Core\Risk\Place;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Response;
use Velbrin\Core\Risk\Standing\Device;
use Velbrin\Core\Risk\Standing\Moment;
use Velbrin\Core\Risk\Standing\Scenes;
use Velbrin\Core\Risk\Tonight;

/** A capable person with the part (R-24): whoever comes waits for what has to be put in. */
final class PartInTimeTest extends TestCase
{
    #[Test]
    public function help_has_acted_when_person_door_and_part_are_there(): void
    {
        // Somebody looks at 3 h, Ines drives 30 min, puts it right in another 30.
        self::assertSame([4.0, null], self::acts(Hazard::HeaterStuckOff, null), 'nobody keeps a store');
        self::assertSame([4.0, null], self::acts(Hazard::HeaterStuckOff, ['heater' => 0.0]));
        self::assertSame([4.0, null], self::acts(Hazard::HeaterStuckOff, ['heater' => 0.5]), 'it comes as she does');
        self::assertSame([4.1, Job::Heater], self::acts(Hazard::HeaterStuckOff, ['heater' => 0.6]));
        self::assertSame([27.5, Job::Heater], self::acts(Hazard::HeaterStuckOff, ['heater' => 24.0]));
        self::assertSame([27.5, Job::Heater], self::acts(Hazard::TooCold, ['heater' => 24.0]));
        self::assertSame([27.5, Job::ReturnPump], self::acts(Hazard::ReturnDead, ['heater' => 0.0, 'return-pump' => 24.0]));
        self::assertSame([27.5, Job::Light], self::acts(Hazard::LampDead, ['light' => 24.0]));
        self::assertSame([null, Job::Heater], self::acts(Hazard::HeaterStuckOff, []), 'nobody has one');
    }

    /** @return iterable<string, array{Hazard}> */
    public static function byHand(): iterable
    {
        foreach (Hazard::cases() as $hazard) {
            if (! in_array($hazard, [Hazard::HeaterStuckOff, Hazard::TooCold, Hazard::ReturnDead, Hazard::LampDead], true)) {
                yield $hazard->value => [$hazard];
            }
        }
    }

    #[Test]
    #[DataProvider('byHand')]
    public function hands_are_enough_for_the_others(Hazard $hazard): void
    {
        self::assertSame(self::acts($hazard, null), self::acts($hazard, []));
    }

    #[Test]
    public function what_comes_too_late_is_said_and_what_would_mend_it(): void
    {
        $in = fn (?array $partsH): HoursInHand => HoursInHand::of(Hazard::HeaterStuckOff, self::tank(), [], self::place($partsH));
        $code = fn (HoursInHand $h): string => json_encode($h->finding, JSON_THROW_ON_ERROR);
        self::assertNotSame(Severity::Fix, $in(['heater' => 0.0])->finding->severity);
        $late = $in(['heater' => 72.0]);
        self::assertSame(Severity::Fix, $late->finding->severity);
        self::assertStringContainsString('after-waiting-for-the-part', $code($late));
        self::assertStringContainsString('a-spare-in-the-van', $code($late));
        $none = $in([]);
        self::assertSame([Severity::Fix, 0.0], [$none->finding->severity, $none->hours]);
        self::assertStringContainsString('nobody-has-the-part', $code($none));
        // Nearer never lowers the hours.
        $before = -INF;
        foreach ([100.0, 72.0, 24.0, 2.0, 0.0] as $partH) {
            $hours = (float) $in(['heater' => $partH])->hours;
            self::assertGreaterThanOrEqual($before, $hours);
            $before = $hours;
        }
    }

    #[Test]
    public function spares_at_the_place_are_a_measure_where_they_come_later_than_help(): void
    {
        $judged = fn (?array $partsH): Judged => new Judged(
            Worlds::standing([Worlds::heater('a', 150.0, age: 4.0), new Device('r', 'return', Job::ReturnPump, ageYears: 2.0)]),
            [new Moment(1.0, self::tank(), self::place($partsH), [])],
            Rates::assumed(),
        );
        self::assertContains(MeasureKind::SpareHere, $judged(['heater' => 24.0, 'return-pump' => 0.0])->fitting());
        self::assertContains(MeasureKind::SpareHere, $judged(['heater' => 0.0, 'return-pump' => 24.0])->fitting());
        self::assertNotContains(MeasureKind::SpareHere, $judged(['heater' => 0.0, 'return-pump' => 0.0])->fitting());
        self::assertNotContains(MeasureKind::SpareHere, $judged(null)->fitting());
        $late = $judged(['heater' => 72.0, 'return-pump' => 0.0]);
        self::assertLessThan(
            $late->harms(Hazard::HeaterStuckOff, []),
            $late->harms(Hazard::HeaterStuckOff, [MeasureKind::SpareHere]),
        );
    }

    #[Test]
    public function only_an_alarm_that_was_tried_counts_as_proved(): void
    {
        $proved = fn (bool $tested): array => array_values(array_map(
            fn (Layer $l): bool => $l->isTested,
            array_filter(
                Scenes::of(
                    Hazard::HeaterStuckOn,
                    Worlds::standing([Worlds::heater('a', 300)]),
                    Worlds::moment(21.0, [Worlds::heater('a', 300)], alarm: new AlarmWay(
                        name: 'warmth',
                        watches: Hazard::cases(),
                        delayMin: 10,
                        tested: $tested,
                        onItsOwn: true,
                        chain: [Worlds::ines()],
                        quantity: AlarmQuantity::Temperature,
                        lowLimit: 24,
                        highLimit: 26,
                        hangs: Hangs::onNothing(),
                    )),
                    Rates::assumed(),
                )[0]->layers,
                fn (Layer $l): bool => $l->kind === LayerKind::Chain,
            ),
        ));
        self::assertContains(true, $proved(true));
        self::assertNotContains(true, $proved(false));
    }

    private static function tank(): Tonight
    {
        return Worlds::tank(8.0, [new Heater('a', 150.0, 'a')]);
    }

    /** @param  array<string, float>|null  $partsH */
    private static function place(?array $partsH): Place
    {
        return new Place(2, [3.0], [], new Called('Ines', true, 15, 30, true), $partsH);
    }

    /**
     * @param  array<string, float>|null  $partsH
     * @return array{?float, ?Job}
     */
    private static function acts(Hazard $hazard, ?array $partsH): array
    {
        $response = Response::of($hazard, self::tank(), [], self::place($partsH));

        return [$response->actsH === null ? null : round($response->actsH, 6), $response->waitsFor];
    }
}
