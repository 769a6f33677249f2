<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

/** What can break, or be forgotten, in a run. Each sits on one element. */
enum FaultKind: string
{
    /** The relay of an outlet stays closed, whatever the head says. */
    case RelayWelded = 'relay-welded';
    /** The thermostat of the device itself no longer opens. */
    case ThermostatWelded = 'thermostat-welded';
    /** The device draws nothing any more. */
    case LoadDead = 'load-dead';
    case ProbeDrift = 'probe-drift';
    case ProbeFrozen = 'probe-frozen';
    case ProbeDry = 'probe-dry';
    /** Nothing comes from the probe. */
    case ProbeSilent = 'probe-silent';
    case SwitchStuck = 'switch-stuck';
    /** The main drain, by a share. */
    case DrainBlocked = 'drain-blocked';
    case LinkLost = 'link-lost';
    case Outage = 'outage';
    /** House heating and cooling fail, or a door stands open: the room goes where the value says. */
    case RoomClimate = 'room-climate';
    /** A vessel of a doser, or the store of a top-off, has run out. */
    case VesselEmpty = 'vessel-empty';
    /** Somebody begins a pause again and again. */
    case PauseLeftOn = 'pause-left-on';
    /** A doser whose line drains by itself. */
    case DoserSiphon = 'doser-siphon';

    /** As people say it. */
    public function label(): string
    {
        return match ($this) {
            self::RelayWelded => 'relay welded shut',
            self::ThermostatWelded => 'its own thermostat stuck',
            self::LoadDead => 'dead',
            self::ProbeDrift => 'drifts by',
            self::ProbeFrozen => 'frozen',
            self::ProbeDry => 'out of the water',
            self::ProbeSilent => 'unplugged',
            self::SwitchStuck => 'stuck',
            self::DrainBlocked => 'main drain blocked',
            self::LinkLost => 'link lost',
            self::Outage => 'power cut',
            self::RoomClimate => 'room heating fails',
            self::VesselEmpty => 'vessel empty',
            self::PauseLeftOn => 'pause begun again and again',
            self::DoserSiphon => 'drains by itself',
        };
    }

    /** What is read or asked for under it changes though no limit is crossed. */
    public function isRestless(): bool
    {
        return match ($this) {
            self::ProbeDrift, self::ProbeDry, self::PauseLeftOn => true,
            default => false,
        };
    }

    /** The element it sits on; null: it has none. */
    public function sitsOn(): ?string
    {
        return match ($this) {
            self::RelayWelded, self::ThermostatWelded, self::LoadDead, self::VesselEmpty, self::DoserSiphon => 'outlet',
            self::ProbeDrift, self::ProbeFrozen, self::ProbeDry, self::ProbeSilent => 'probe',
            self::SwitchStuck => 'switch',
            self::PauseLeftOn => 'pause',
            default => null,
        };
    }

    /** What its number means; null: it takes none. */
    public function value(): ?string
    {
        return match ($this) {
            self::ProbeDrift => 'in the unit of the probe',
            self::SwitchStuck => '1 wet, 0 dry',
            self::DrainBlocked => 'share, 0 to 1',
            self::RoomClimate => 'the room goes to, °C',
            self::DoserSiphon => 'mL/min',
            default => null,
        };
    }
}
