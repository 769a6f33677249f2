<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Rate;

/**
 * What is counted on until the company says otherwise: lives, shares, rates a year (R-20, R-54, R-58). Each is a guess of the trade, shown
 * as one, and changed by whoever has counted better.
 */
enum Assumed: string
{
    case HeaterYears = 'heater-years';
    case PumpYears = 'pump-years';
    case SkimmerYears = 'skimmer-years';
    case TopOffYears = 'top-off-years';
    case DoserYears = 'doser-years';
    case SwitchYears = 'switch-years';
    case ProbeYears = 'probe-years';
    case ControllerYears = 'controller-years';
    case BatteryYears = 'battery-years';
    case LampYears = 'lamp-years';
    case SeamYears = 'seam-years';
    case Shape = 'shape';
    case SeamShape = 'seam-shape';
    case HeaterOnShare = 'heater-on-share';
    case DoserOverShare = 'doser-over-share';
    case TopOffOnShare = 'top-off-on-share';
    case SwitchOnShare = 'switch-on-share';
    case Beta = 'beta';
    case BetaTwins = 'beta-twins';
    case Outage1h = 'outage-1h';
    case Outage12h = 'outage-12h';
    case RoomFails = 'room-fails';
    case RoomSwitchedOff = 'room-switched-off';
    case ReturnBlocked = 'return-blocked';
    case DrainSingle = 'drain-single';
    case DrainGuarded = 'drain-guarded';
    case LineOff = 'line-off';
    case LinkLost = 'link-lost';
    case SkimmerOver = 'skimmer-over';
    case MixUp = 'mix-up';
    case DoserSiphons = 'doser-siphons';
    case HoseLeft = 'hose-left';
    case LeftOpen = 'left-open';
    case Ammonia = 'ammonia';
    case Arrival = 'arrival';
    case TypicalFails = 'typical-fails';
    case UntestedFails = 'untested-fails';
    case ProvedFails = 'proved-fails';
    case LampDays = 'lamp-days';
    case AmmoniaHours = 'ammonia-hours';
    case ArrivalDays = 'arrival-days';
    case DoseFallDkh = 'dose-fall-dkh';
    case ColdSeason = 'cold-season';
    case TrayLeaves = 'tray-leaves';
    case RoomHours = 'room-hours';
    case ArrivalsYear = 'arrivals-year';
    case ColdKelvinHours = 'cold-kelvin-hours';
    case HotKelvinHours = 'hot-kelvin-hours';

    /** @return array{0: float, 1: string, 2: string, 3: float, 4: float} value, unit, what it is, least, most */
    private function row(): array
    {
        return match ($this) {
            self::HeaterYears => [5, 'years', 'heater: 63 % have failed by then', 0.5, 50],
            self::PumpYears => [8, 'years', 'return and circulation pump: 63 % have failed by then', 0.5, 50],
            self::SkimmerYears => [7, 'years', 'skimmer pump: 63 % have failed by then', 0.5, 50],
            self::TopOffYears => [5, 'years', 'top-off: 63 % have failed by then', 0.5, 50],
            self::DoserYears => [6, 'years', 'dosing head: 63 % have failed by then', 0.5, 50],
            self::SwitchYears => [6, 'years', 'switch, float, relay: 63 % have failed by then', 0.5, 50],
            self::ProbeYears => [2, 'years', 'probe: 63 % have failed by then', 0.25, 50],
            self::ControllerYears => [10, 'years', 'controller: 63 % have failed by then', 0.5, 50],
            self::BatteryYears => [5, 'years', 'battery: 63 % have failed by then', 0.5, 50],
            self::LampYears => [10, 'years', 'lamp: 63 % have failed by then', 0.5, 50],
            self::SeamYears => [25, 'years', 'a tank’s seams: 63 % have failed by then', 1, 200],
            self::Shape => [2.5, '', 'how sharply devices wear with age (1: not at all)', 1, 10],
            self::SeamShape => [4, '', 'how sharply seams age', 1, 10],
            self::HeaterOnShare => [0.3, 'share', 'of a heater’s failures that stick on', 0, 1],
            self::DoserOverShare => [0.2, 'share', 'of a dosing head’s failures that give too much', 0, 1],
            self::TopOffOnShare => [0.5, 'share', 'of a top-off’s failures that run on', 0, 1],
            self::SwitchOnShare => [0.5, 'share', 'of a switch’s failures that stay closed', 0, 1],
            self::Beta => [0.1, 'share', 'of doubled devices’ failures that take both', 0, 1],
            self::BetaTwins => [0.3, 'share', 'the same, for twins of one age and set point', 0, 1],
            self::Outage1h => [0.5, 'a year', 'power cuts of an hour or more', 0.0001, 50],
            self::Outage12h => [0.05, 'a year', 'power cuts of twelve hours or more', 0.00001, 50],
            self::RoomFails => [0.05, 'a year', 'the room’s climate fails', 0, 10],
            self::RoomSwitchedOff => [0.2, 'a year', 'somebody switches the room’s climate off', 0, 10],
            self::ReturnBlocked => [0.05, 'a year', 'a return is blocked by snail, sand, algae', 0, 10],
            self::DrainSingle => [0.1, 'a year', 'a single drain is blocked', 0, 10],
            self::DrainGuarded => [0.03, 'a year', 'a drain behind a guard is blocked', 0, 10],
            self::LineOff => [0.02, 'a year', 'a top-off line pops off or is chewed', 0, 10],
            self::LinkLost => [0.05, 'a year', 'a controller is lost to splash, surge, a pulled plug', 0, 10],
            self::SkimmerOver => [0.1, 'a year', 'a skimmer overflows', 0, 10],
            self::MixUp => [0.002, 'a fill', 'a dosing vessel is filled with the wrong thing', 0, 1],
            self::DoserSiphons => [0.02, 'a year', 'a dosing line that can siphon does', 0, 10],
            self::HoseLeft => [0.002, 'a visit', 'a hose is left running', 0, 1],
            self::LeftOpen => [0.002, 'a visit', 'a valve or a pause is left', 0, 1],
            self::Ammonia => [0.02, 'a year', 'a death that fouls the water', 0, 10],
            self::Arrival => [0.05, 'each', 'an arrival without quarantine brings disease', 0, 1],
            self::TypicalFails => [0.1, 'share', 'of the times it is needed a protection fails', 0, 1],
            self::UntestedFails => [0.3, 'share', 'the same, where nobody has tested it', 0, 1],
            self::ProvedFails => [0.01, 'share', 'the same, independent and proof-tested', 0, 1],
            self::LampDays => [7, 'days', 'corals go without their lamp', 0.5, 60],
            self::DoseFallDkh => [2, 'dKH', 'alkalinity may fall while nothing is dosed', 0.1, 10],
            self::AmmoniaHours => [24, 'h', 'from a death that nobody finds to foul water', 1, 240],
            self::ArrivalDays => [5, 'days', 'from an arrival to the first losses', 0.5, 60],
            self::TrayLeaves => [0.3, 'share', 'of a spill’s cost that is left where a tray or a drain takes it', 0, 1],
            self::RoomHours => [24, 'h', 'in which a house without power goes 63 % of the way to the weather outside', 1, 500],
            self::ArrivalsYear => [4, 'a year', 'animals that come without quarantine, where nobody has counted', 0, 500],
            self::ColdKelvinHours => [0, 'K·h', 'below the lower limit until cold harms (0: as soon as it is crossed)', 0, 500],
            self::HotKelvinHours => [0, 'K·h', 'above the upper limit until heat harms (0: as soon as it is crossed)', 0, 200],
            self::ColdSeason => [1, 'a season', 'nights that come without any heater', 0, 1],
        };
    }

    public function usual(): float
    {
        return $this->row()[0];
    }

    /** "years", "a year", "share"; empty: a bare number. */
    public function unit(): string
    {
        return $this->row()[1];
    }

    public function label(): string
    {
        return $this->row()[2];
    }

    public function least(): float
    {
        return $this->row()[3];
    }

    public function most(): float
    {
        return $this->row()[4];
    }
}
