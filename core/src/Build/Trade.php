<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Build\PlanField as F;

/** Somebody of another trade who needs a sheet from the plan (B-74): which facts and answers, and what to bear in mind. */
enum Trade: string
{
    case Carpenter = 'carpenter';
    case Electrician = 'electrician';
    case Plumber = 'plumber';
    case Architect = 'architect';

    public function title(): string
    {
        return match ($this) {
            self::Carpenter => 'For the carpenter: stand and cabinet',
            self::Electrician => 'For the electrician: circuits and outlets',
            self::Plumber => 'For the plumber: water, drain, pipes',
            self::Architect => 'For the architect and the structural engineer: loads and openings',
        };
    }

    /** @return list<F|string> facts, and figures by their key, in reading order */
    public function wants(): array
    {
        return match ($this) {
            self::Carpenter => [
                F::Shape,
                F::LengthMm,
                F::WidthMm,
                F::DiameterMm,
                F::BowMm,
                F::LegLengthMm,
                F::LegWidthMm,
                F::StandHeightMm,
                F::StandInsideMm,
                F::CabinetLengthMm,
                F::CabinetDepthMm,
                F::DoorWidthMm,
                F::DoorHeightMm,
                F::DoorFromLeftMm,
                F::CabinetTolMm,
                F::SumpLengthMm,
                F::SumpWidthMm,
                F::SumpHeightMm,
                F::SumpCutLengthMm,
                F::SumpCutDepthMm,
                F::SumpCutAt,
                F::SumpBaseMm,
                'massKg',
                'meanKpa',
                'sumpLiftMm',
                'cabinet',
                'cableWays',
                'penetrations',
                'evaporationLd',
                F::OutOfLevelMmM,
            ],
            self::Electrician => [
                F::MainsV,
                F::CircuitA,
                F::Circuits,
                'circuitA',
                'startA',
                'stripA',
                F::Residual,
                F::PumpsW,
                F::LightsW,
                F::OtherW,
                'heaters',
                'energyKwh',
                'generatorW',
                F::OutletsFree,
                'board',
                'cableWays',
                F::LampsKg,
                F::Fixings,
                'hangingKg',
                F::CeilingMm,
                'downL',
            ],
            self::Plumber => [
                'systemL',
                F::RoRatedLd,
                F::RoFeedC,
                F::WastePerL,
                'evaporationLd',
                F::TopoffFed,
                F::FeedStops,
                'layers',
                F::ReservoirL,
                'topOffDays',
                F::FlowLh,
                'outletsLh',
                F::Drains,
                F::DrainBoreMm,
                F::DrainLengthM,
                F::EmergencyBoreMm,
                F::ChannelBoreMm,
                F::ReturnBoreMm,
                F::ReturnLengthM,
                'holes',
                'joints',
                'penetrations',
                'downL',
                'blockedFloorL',
                'leakL',
            ],
            self::Architect => [
                'massKg',
                'meanKpa',
                'bendingKpa',
                'floorWord',
                F::FloorType,
                F::Storey,
                F::Joists,
                F::SpanMm,
                F::FromSupportMm,
                F::AllowanceKpa,
                F::WallOpening,
                F::Balcony,
                F::LengthMm,
                F::WidthMm,
                F::StandHeightMm,
                F::HeightMm,
                F::CeilingMm,
                'ceilingSpareMm',
                F::Fixings,
                'hangingKg',
                'access',
                'evaporationLd',
                'lossWinterW',
            ],
        };
    }

    /** @return list<string> */
    public function cautions(): array
    {
        return match ($this) {
            self::Carpenter => [
                'Level within 2 mm in a metre, under the whole load; no point loads under glass.',
                'Doors come off, and the opening keeps its clear size; nothing of the cabinet closes the way out.',
                'Salt air: edges sealed, fittings of stainless steel, an opening for air at the top and at the bottom.',
                'Holes for cables and hoses are in this plan before a panel is cut.',
            ],
            self::Electrician => [
                'Only a licensed electrician installs, to the local code; this sheet approves nothing.',
                'Residual-current protection on every circuit with wet gear, tried and recorded.',
                'Outlets above the highest water, outside splash, room for drip loops; each separately switched device its own outlet.',
                'Heaters and movement on different circuits.',
            ],
            self::Plumber => [
                'Two stops in series on every line that is fed from the mains, one of them mechanical.',
                'Every return line has a union and a valve near the pump; no non-return valve is relied on.',
                'Drains run full: no smaller bore anywhere on the way, each turn counted.',
                'Solvent cement: air, gloves, no flame. Every joint looked at at a quarter, full, an hour later and at the next visit.',
            ],
            self::Architect => [
                'The words here are a first look. A structural engineer and the local code decide, in writing, before anything '.
                'is ordered or opened.',
                'Loads go down through every storey beneath.',
                'Over an opening in a wall a lintel carries the wall; a gap stays between it and the tank.',
                'What evaporates goes into the room’s air: it must go somewhere.',
            ],
        };
    }
}
