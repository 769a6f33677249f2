<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Kept;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Risk\Fault\Dose;
use Velbrin\Core\Risk\Fault\Draining;
use Velbrin\Core\Risk\Fault\Fills;
use Velbrin\Core\Risk\Fault\LostOutlet;
use Velbrin\Core\Risk\Fault\TopUp;
use Velbrin\Core\Risk\Fault\Waterside;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\HoursInHand;
use Velbrin\Core\Risk\Layer\Hangs;
use Velbrin\Core\Risk\Layer\Part;
use Velbrin\Core\Risk\Measures\Judged;
use Velbrin\Core\Risk\Measures\MeasureKind;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Rate\Span;
use Velbrin\Core\Risk\Single\SingleFailures;
use Velbrin\Core\Risk\Standing\Device;
use Velbrin\Core\Risk\Standing\Year;
use Velbrin\Core\Tests\Risk\Worlds;

/** What harms a system and when, what one device less does to it, and its year, for systems made up by a seed. */
#[Group('beside')]
final class RiskRecordTest extends TestCase
{
    private Randomizer $chance;

    #[Test]
    public function what_harms_when_is_as_it_was(): void
    {
        $now = [];
        for ($seed = 1; $seed <= 10; $seed++) {
            $this->chance = new Randomizer(new Mt19937($seed));
            $devices = $this->devices();
            $side = $this->side();
            $roomC = $this->chance->getInt(4, 33);
            $moment = Worlds::moment($roomC, $devices, $side, alarm: $this->perhaps(Worlds::alarm()));
            $hot = Worlds::moment($roomC + 8, $devices, $side);
            $standing = Worlds::standing($devices, $this->perhaps(8000.0), $this->perhaps(3000.0));
            $judged = new Judged($standing, [$moment, $hot], Rates::assumed());
            $hours = [];
            foreach (Hazard::cases() as $hazard) {
                $hours[$hazard->value] = HoursInHand::of($hazard, $moment->tank, $moment->alarms, $moment->place);
                $hours["harm {$hazard->value}"] = $judged->harms($hazard, []);
            }
            $now["risk {$seed}"] = Record::flat([
                'hours' => $hours,
                'single' => SingleFailures::of($standing, $moment->tank, $hot->tank),
                'pairs' => SingleFailures::pairs($standing, $moment->tank, $hot->tank),
                'year' => Year::of($standing, [$moment, $hot], Rates::assumed()),
                'fitting' => array_map(fn (MeasureKind $m): string => $m->value, $judged->fitting()),
            ]);
        }
        self::assertSame([], array_slice(Record::moved(__DIR__.'/risk.json.gz', $now), 0, 25));
    }

    /** @return list<Device> */
    private function devices(): array
    {
        $devices = [];
        for ($i = 0, $count = $this->chance->getInt(2, 9); $i < $count; $i++) {
            $jobs = Job::cases();
            $hangs = Hangs::onNothing()
                ->on(Part::Strip, $this->perhaps('strip '.$this->chance->getInt(0, 2)))
                ->on(Part::Circuit, 'circuit '.$this->chance->getInt(0, 1));
            $devices[] = new Device(
                id: "d{$i}",
                name: "device {$i}",
                job: $i < 2 ? Job::Heater : $jobs[$this->chance->getInt(0, count($jobs) - 1)],
                watts: $this->perhaps((float) $this->chance->getInt(5, 400)),
                ageYears: $this->perhaps($this->chance->getInt(0, 80) / 10),
                provenYears: $this->perhaps($this->chance->getInt(0, 30) / 10),
                hangs: $hangs,
                group: $this->perhaps('g'.$this->chance->getInt(0, 2)),
                inSump: $this->chance->getInt(0, 1) === 1,
                ownThermostat: $this->perhaps($this->chance->getInt(0, 1) === 1),
                outOf: $this->chance->getInt(0, 7) === 0 ? 'away' : null,
            );
        }

        return $devices;
    }

    private function side(): Waterside
    {
        $l = fn (int $most): ?float => $this->perhaps((float) $this->chance->getInt(1, $most));
        $hasDrain = $this->chance->getInt(0, 1) === 1;

        return new Waterside(
            topUp: $this->perhaps(new TopUp(600, 35, $l(120), $l(60), $l(40), $l(20), $l(9))),
            draining: $hasDrain ? $this->perhaps(new Draining($l(40) ?? 20, $l(60) ?? 30, 1800, $l(1500) ?? 0, $l(20) ?? 0)) : null,
            doses: $this->chance->getInt(0, 1) === 1
                ? [new Dose('head', 600, $this->perhaps(Liquid::Carbonate), $l(2), $l(4000), $l(60), $l(90))]
                : [],
            fills: $this->chance->getInt(0, 2) === 0 ? [new Fills(Span::sure($l(40) ?? 9.0), Span::sure(60.0), 'room', 'flow')] : [],
            skimmer: $this->perhaps(Fills::skimmer()),
            lost: $this->perhaps([new LostOutlet('heater', Job::Heater, $this->perhaps(1.0), 150)]),
            hasLamp: $this->chance->getInt(0, 1) === 1,
            leakL: $l(600),
            roomTempered: $this->perhaps($this->chance->getInt(0, 1) === 1),
            roomUntemperedC: $this->perhaps((float) $this->chance->getInt(0, 38)),
            hasDrain: $hasDrain,
            unknown: $this->chance->getInt(0, 2) === 0 ? ['how it drains'] : [],
        );
    }

    /**
     * @template T
     *
     * @param  T  $value
     * @return T|null
     */
    private function perhaps(mixed $value): mixed
    {
        return $this->chance->getInt(0, 2) === 0 ? null : $value;
    }
}
