<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Measures;

use Velbrin\Core\Build\FeedLayer;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Power\Battery;
use Velbrin\Core\Risk\AlarmQuantity;
use Velbrin\Core\Risk\AlarmWay;
use Velbrin\Core\Risk\Called;
use Velbrin\Core\Risk\Fault\Dose;
use Velbrin\Core\Risk\Fault\TopUp;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Layer\Hangs;
use Velbrin\Core\Risk\Layer\Layer;
use Velbrin\Core\Risk\Layer\LayerKind;
use Velbrin\Core\Risk\Place;
use Velbrin\Core\Risk\Rate\Assumed;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Rate\Span;
use Velbrin\Core\Risk\Standing\Device;
use Velbrin\Core\Risk\Standing\Moment;
use Velbrin\Core\Risk\Standing\Standing;
use Velbrin\Core\Risk\Tonight;

/**
 * What the trade does about it (R-30): each changes the register, the alarms or the people, and what follows is worked out anew. What it
 * adds can fail too: a heater more can stick on, a float can stick shut.
 */
enum MeasureKind: string
{
    case NewHeaters = 'new-heaters';
    case CutOut = 'cut-out';
    case TemperatureAlarm = 'temperature-alarm';
    case LeakAlarm = 'leak-alarm';
    case SilenceAlarm = 'silence-alarm';
    case SecondPerson = 'second-person';
    case KeyWithUs = 'key-with-us';
    case BatteryAir = 'battery-air';
    case Generator = 'generator';
    case SmallStore = 'small-store';
    case TopOffFloat = 'top-off-float';
    case SmallVessel = 'small-vessel';
    case LowVessels = 'low-vessels';
    case EmergencyProved = 'emergency-proved';
    case Strainer = 'strainer';
    case Tray = 'tray';
    case SkimmerCollector = 'skimmer-collector';
    case SecondReturn = 'second-return';
    case RoomFan = 'room-fan';
    case SpareHere = 'spare-here';

    private const BATTERY_WH = 300.0;

    private const USABLE = 0.8;

    /** A small stream pump, W. */
    private const PUMP_W = 12.0;

    /** Between set point and an alarm's limit, K. */
    private const ALARM_K = 1.0;

    /** So much of what harms a smaller vessel may bring. */
    private const BEARS = 0.9;

    public function label(): string
    {
        return match ($this) {
            self::NewHeaters => 'New heaters in place of the old',
            self::CutOut => 'A cut-out of its own in each heater’s line',
            self::TemperatureAlarm => 'An alarm on temperature, on its own power and link, tested',
            self::LeakAlarm => 'An alarm for water on the floor, tested',
            self::SilenceAlarm => 'An alarm when the controller falls silent',
            self::SecondPerson => 'A second person in every chain',
            self::KeyWithUs => 'A key with us',
            self::BatteryAir => 'A battery with a pump that breaks the surface',
            self::Generator => 'A generator that starts by itself, outdoors, put in by an electrician',
            self::SmallStore => 'A top-off store no larger than its sump takes',
            self::TopOffFloat => 'A float in the top-off’s own line',
            self::SmallVessel => 'Dosing vessels no larger than the water bears',
            self::LowVessels => 'Dosing vessels that stand lower than their lines end, each end free above the water',
            self::EmergencyProved => 'The emergency drain run with the main blocked, each year',
            self::Strainer => 'A guard on every drain',
            self::Tray => 'A tray with a drain under it',
            self::SkimmerCollector => 'A collector that shuts the skimmer off',
            self::SecondReturn => 'A second return, on a strip of its own',
            self::SpareHere => 'A spare heater and a spare return at the place, tested each year',
            self::RoomFan => 'A fan over the water with a thermostat of its own',
        };
    }

    /** Minutes a year it asks of those who keep it going. */
    public function upkeepMin(): float
    {
        return match ($this) {
            self::NewHeaters, self::SmallStore, self::SmallVessel, self::LowVessels, self::KeyWithUs => 0.0,
            self::SecondPerson, self::SilenceAlarm, self::Strainer, self::SpareHere => 30.0,
            self::Generator => 240.0,
            self::SecondReturn => 60.0,
            default => 40.0,
        };
    }

    /** Devices more to live with. */
    public function addsDevices(): int
    {
        return match ($this) {
            self::SecondPerson, self::KeyWithUs, self::EmergencyProved, self::NewHeaters => 0,
            self::SmallStore, self::SmallVessel, self::LowVessels, self::SpareHere => 0,
            default => 1,
        };
    }

    /** Whether it changes anything here. */
    public function fits(Standing $standing, Moment $moment): bool
    {
        $side = $moment->tank->waterside;

        return match ($this) {
            self::NewHeaters, self::CutOut => $standing->doing(Job::Heater) !== [],
            self::BatteryAir => $moment->tank->hasAnimals,
            self::SmallStore => $side?->topUp !== null && is_finite($side->topUp->storeL ?? 0.0),
            self::TopOffFloat => $side?->topUp !== null && ! in_array(FeedLayer::Float, $standing->feedLayers, true),
            self::SmallVessel => ($side->doses ?? []) !== [],
            self::LowVessels => array_filter($side->doses ?? [], fn (Dose $d): bool => $d->maySiphon()) !== [],
            self::EmergencyProved => $standing->hasEmergencyDrain && ! $standing->emergencyTested,
            self::Strainer => $side?->hasDrain === true && ! $standing->isDrainGuarded,
            self::Tray => ! in_array(FeedLayer::Tray, $standing->feedLayers, true),
            self::SkimmerCollector => $side?->skimmer !== null,
            self::SecondReturn => count($standing->doing(Job::ReturnPump)) === 1,
            self::RoomFan => $side?->roomTempered === true && $standing->doing(Job::Fan) === [],
            self::SilenceAlarm => $side?->lost !== null,
            self::KeyWithUs => $moment->place->onCall !== null && ! $moment->place->onCall->hasKey,
            self::Generator => ! $standing->hasGenerator && $moment->tank->hasAnimals,
            self::SpareHere => array_filter(
                [Job::Heater, Job::ReturnPump],
                fn (Job $job): bool => $moment->place->waitsFor($job) && $standing->doing($job) !== [],
            ) !== [],
            default => true,
        };
    }

    /**
     * The hazards it can change at all, so that the others need no working out; a test holds that nothing outside them ever moves.
     *
     * @return list<Hazard>
     */
    public function mayTouch(): array
    {
        return match ($this) {
            // Whoever is rung up sooner, and comes in, matters to everything.
            self::TemperatureAlarm, self::LeakAlarm, self::SilenceAlarm, self::SecondPerson, self::KeyWithUs => Hazard::cases(),
            self::NewHeaters => [
                Hazard::HeaterStuckOn,
                Hazard::HeaterStuckOff,
                Hazard::TooCold,
                Hazard::RoomClimate,
                Hazard::ControllerDead,
            ],
            self::CutOut => [Hazard::HeaterStuckOn],
            self::BatteryAir => [Hazard::PowerCut, Hazard::ReturnDead, Hazard::LeftOpen, Hazard::ControllerDead],
            self::Generator => [Hazard::PowerCut],
            self::SmallStore, self::TopOffFloat => [
                Hazard::TopOffOn,
                Hazard::TopOffOff,
                Hazard::LineOverflow,
                Hazard::DrainBlocked,
                Hazard::LeftOpen,
                Hazard::ControllerDead,
            ],
            self::SmallVessel => [Hazard::Overdose, Hazard::LeftOpen, Hazard::ControllerDead],
            self::LowVessels => [Hazard::Overdose],
            self::SpareHere => [Hazard::HeaterStuckOff, Hazard::TooCold, Hazard::ReturnDead],
            self::EmergencyProved, self::Strainer => [Hazard::DrainBlocked],
            self::Tray => [
                Hazard::TopOffOn,
                Hazard::LineOverflow,
                Hazard::DrainBlocked,
                Hazard::Leak,
                Hazard::SkimmerOverflow,
                Hazard::LeftOpen,
                Hazard::ControllerDead,
            ],
            self::SkimmerCollector => [Hazard::SkimmerOverflow],
            self::SecondReturn => [Hazard::ReturnDead, Hazard::LeftOpen, Hazard::DrainBlocked, Hazard::TopOffOff],
            self::RoomFan => [Hazard::RoomClimate, Hazard::HeaterStuckOn],
        };
    }

    public function onStanding(Standing $standing, Rates $rates): Standing
    {
        $typical = Span::sure($rates->of(Assumed::TypicalFails));
        $layer = fn (string $id, LayerKind $kind): Layer => new Layer(
            id: $id,
            name: lcfirst($this->label()),
            kind: $kind,
            fails: $typical,
            hangs: Hangs::onNothing(),
            isTested: true,
        );

        return match ($this) {
            self::NewHeaters => $standing->with(devices: array_map(self::renewed(...), $standing->devices)),
            self::CutOut => $standing->protectedBy($layer('own-cut-out', LayerKind::CutOut), Hazard::HeaterStuckOn),
            self::TopOffFloat => $standing->with(feedLayers: [...$standing->feedLayers, FeedLayer::Float]),
            self::EmergencyProved => $standing->with(emergencyTested: true),
            self::Strainer => $standing->with(isDrainGuarded: true),
            self::Tray => $standing->with(feedLayers: [...$standing->feedLayers, FeedLayer::Tray]),
            self::SkimmerCollector => $standing->protectedBy($layer('collector', LayerKind::CutOut), Hazard::SkimmerOverflow),
            self::SecondReturn => $standing->with(devices: [...$standing->devices, self::another($standing)]),
            self::RoomFan => $standing->with(devices: [
                ...$standing->devices,
                new Device('own-fan', 'the fan', Job::Fan, watts: 20.0, ageYears: 0.0, provenYears: 0.0),
            ]),
            self::Generator => $standing->with(hasGenerator: true),
            self::BatteryAir => $standing->with(devices: [
                ...$standing->devices,
                new Device('own-battery', 'the battery', Job::Battery, ageYears: 0.0, provenYears: 0.0),
            ]),
            default => $standing,
        };
    }

    public function onMoment(Moment $moment): Moment
    {
        $tank = $moment->tank;
        $side = $tank->waterside;
        $place = $moment->place;
        $alarm = fn (AlarmQuantity $what, ?float $low = null, ?float $high = null): Moment => new Moment(
            $moment->share,
            $tank,
            $place,
            [...$moment->alarms, ...$place->onCall === null ? [] : [self::alarm($this->label(), $what, $low, $high, $place->onCall)]],
        );

        return match ($this) {
            self::TemperatureAlarm => $alarm(
                AlarmQuantity::Temperature,
                $tank->setpointC - self::ALARM_K,
                $tank->setpointC + self::ALARM_K,
            ),
            self::LeakAlarm => $alarm(AlarmQuantity::Leak),
            self::SilenceAlarm => $alarm(AlarmQuantity::Silence),
            self::SecondPerson => new Moment($moment->share, $tank, $place, array_map(self::withSecond(...), $moment->alarms)),
            self::SpareHere => new Moment($moment->share, $tank, $place->withSpares(), $moment->alarms),
            self::KeyWithUs => new Moment($moment->share, $tank, self::withKey($place), array_map(self::withKeys(...), $moment->alarms)),
            self::BatteryAir => new Moment(
                $moment->share,
                $tank->with(batteryH: max($tank->batteryH, self::batteryH($tank))),
                $place,
                $moment->alarms,
            ),
            self::SmallStore => self::side($moment, topUp: $side?->topUp === null ? null : self::smaller($side->topUp)),
            self::SmallVessel => self::side($moment, doses: array_map(self::smallDose(...), $side->doses ?? [])),
            self::LowVessels => self::side($moment, doses: array_map(fn (Dose $d): Dose => $d->lowered(), $side->doses ?? [])),
            default => $moment,
        };
    }

    private static function batteryH(Tonight $tank): float
    {
        $loadW = $tank->batteryLoadW ?? self::PUMP_W;

        return Battery::hours(self::BATTERY_WH, $loadW, Battery::EFFICIENCY_DC, 0.0, self::USABLE);
    }

    private static function renewed(Device $device): Device
    {
        return $device->job === Job::Heater
            ? $device->renewed()
            : $device;
    }

    private static function another(Standing $standing): Device
    {
        $first = $standing->doing(Job::ReturnPump)[0];

        return new Device('own-return', 'the second return', Job::ReturnPump, watts: $first->watts, ageYears: 0.0, provenYears: 0.0);
    }

    private static function alarm(string $name, AlarmQuantity $what, ?float $low, ?float $high, Called $called): AlarmWay
    {
        return new AlarmWay(
            name: lcfirst($name),
            watches: Hazard::cases(),
            delayMin: 10,
            tested: true,
            onItsOwn: true,
            chain: [$called],
            quantity: $what,
            lowLimit: $low,
            highLimit: $high,
            hangs: Hangs::onNothing(),
        );
    }

    private static function withSecond(AlarmWay $alarm): AlarmWay
    {
        $first = array_values(array_filter($alarm->chain, fn (Called $c): bool => $c->answers))[0] ?? null;
        if ($first === null) {
            return $alarm;
        }
        $second = new Called('a second person', true, $first->stepMin, $first->travelMin, $first->hasKey);

        return $alarm->calling([...$alarm->chain, $second]);
    }

    private static function withKeys(AlarmWay $alarm): AlarmWay
    {
        return $alarm->calling(array_map(self::keyed(...), $alarm->chain));
    }

    private static function keyed(Called $called): Called
    {
        return new Called($called->name, $called->answers, $called->stepMin, $called->travelMin, true);
    }

    private static function withKey(Place $place): Place
    {
        return $place->onCall === null ? $place : $place->withOnCall(self::keyed($place->onCall));
    }

    private static function smaller(TopUp $topUp): TopUp
    {
        $store = min($topUp->storeL ?? INF, $topUp->roomL ?? INF);

        return $topUp->holding(is_finite($store) ? $store : $topUp->storeL);
    }

    private static function smallDose(Dose $dose): Dose
    {
        $harmsMl = $dose->harmsAtMl();

        return $harmsMl === null ? $dose : $dose->holding(min($dose->holdsMl ?? INF, self::BEARS * $harmsMl));
    }

    /** @param  list<Dose>|null  $doses */
    private static function side(Moment $moment, ?TopUp $topUp = null, ?array $doses = null): Moment
    {
        $side = $moment->tank->waterside;
        if ($side === null) {
            return $moment;
        }
        $tank = $moment->tank->with(waterside: $side->with($topUp, $doses));

        return new Moment($moment->share, $tank, $moment->place, $moment->alarms);
    }
}
