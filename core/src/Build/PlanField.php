<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** Every fact a plan asks for. The value is its name in forms, records and files; heights are one reference each. */
enum PlanField: string
{
    case Shape = 'shape';
    case LengthMm = 'lengthMm';
    case WidthMm = 'widthMm';
    case DiameterMm = 'diameterMm';
    case BowMm = 'bowMm';
    case LegLengthMm = 'legLengthMm';
    case LegWidthMm = 'legWidthMm';
    case FilledL = 'filledL';
    case HeightMm = 'heightMm';
    case WallMm = 'wallMm';
    case FloorMm = 'floorMm';
    case Material = 'material';
    case Bracing = 'bracing';
    case Top = 'top';
    case Toughened = 'toughened';
    case LabelL = 'labelL';
    case Origin = 'origin';
    case TankYears = 'tankYears';
    case Crazing = 'crazing';
    case Copper = 'copper';
    case Inhabitants = 'inhabitants';

    case WaterGapMm = 'waterGapMm';
    case RockKg = 'rockKg';
    case SandDepthMm = 'sandDepthMm';
    case Salinity = 'salinity';
    case SetpointC = 'setpointC';
    case MixGramsPerL = 'mixGramsPerL';
    case Livestock = 'livestock';
    case StreamLh = 'streamLh';
    case GrainMm = 'grainMm';
    case NearBedMs = 'nearBedMs';

    case RoRatedLd = 'roRatedLd';
    case RoFeedC = 'roFeedC';

    case FlowLh = 'flowLh';
    case WeirForm = 'weirForm';
    case WeirBelowRimMm = 'weirBelowRimMm';
    case StandpipeMm = 'standpipeMm';
    case WeirTiltMmM = 'weirTiltMmM';
    case WeirLengthMm = 'weirLengthMm';
    case WeirGapsMm = 'weirGapsMm';
    case Drains = 'drains';
    case Strainer = 'strainer';
    case DrainBoreMm = 'drainBoreMm';
    case DrainLengthM = 'drainLengthM';
    case DrainSumK = 'drainSumK';
    case ChannelBoreMm = 'channelBoreMm';
    case ChannelBelowRimMm = 'channelBelowRimMm';
    case EmergencyBoreMm = 'emergencyBoreMm';
    case EmergencyBelowRimMm = 'emergencyBelowRimMm';

    case ReturnBoreMm = 'returnBoreMm';
    case ReturnLengthM = 'returnLengthM';
    case ReturnSumK = 'returnSumK';
    case Returns = 'returns';
    case NonReturn = 'nonReturn';
    case PumpMaxHeadM = 'pumpMaxHeadM';
    case PumpMaxFlowLh = 'pumpMaxFlowLh';
    case OutletBelowRimMm = 'outletBelowRimMm';
    case BreakBelowRimMm = 'breakBelowRimMm';
    case PipesL = 'pipesL';

    case SumpLengthMm = 'sumpLengthMm';
    case SumpWidthMm = 'sumpWidthMm';
    case SumpHeightMm = 'sumpHeightMm';
    case SumpWallMm = 'sumpWallMm';
    case SumpFloorMm = 'sumpFloorMm';
    case SumpBaseMm = 'sumpBaseMm';
    case BaffleMm = 'baffleMm';
    case ReturnLevelMm = 'returnLevelMm';
    case PumpMinLevelMm = 'pumpMinLevelMm';
    case TrapGapMm = 'trapGapMm';
    case ReservoirL = 'reservoirL';
    case TopoffFed = 'topoffFed';
    case FeedLh = 'feedLh';
    case FeedRunMin = 'feedRunMin';
    case FeedStops = 'feedStops';
    case RefillDays = 'refillDays';
    case SkimmerL = 'skimmerL';
    case UvLh = 'uvLh';
    case UvMostLh = 'uvMostLh';
    case ChillerW = 'chillerW';

    case PumpsW = 'pumpsW';
    case LightsW = 'lightsW';
    case LightSharePct = 'lightSharePct';
    case AttenuationPerM = 'attenuationPerM';
    case LightHours = 'lightHours';
    case LightRampH = 'lightRampH';
    case LightTopPct = 'lightTopPct';
    case MapDepthMm = 'mapDepthMm';
    case DarkDays = 'darkDays';
    case RampWeeks = 'rampWeeks';
    case RampStartPct = 'rampStartPct';
    case LampsKg = 'lampsKg';
    case Fixings = 'fixings';
    case BreakingKg = 'breakingKg';
    case Equalised = 'equalised';
    case Sheaves = 'sheaves';
    case SheaveTurnDeg = 'sheaveTurnDeg';
    case SheaveBreakingKg = 'sheaveBreakingKg';
    case WinchKg = 'winchKg';
    case WinterC = 'winterC';
    case SummerC = 'summerC';
    case HumidityPct = 'humidityPct';
    case UpperHarmC = 'upperHarmC';
    case MeasuredUaWK = 'measuredUaWK';

    case OtherW = 'otherW';
    case MainsV = 'mainsV';
    case CircuitA = 'circuitA';
    case Circuits = 'circuits';
    case Residual = 'residual';
    case ChangePct = 'changePct';
    case WastePerL = 'wastePerL';
    case VisitsMonth = 'visitsMonth';
    case CareMin = 'careMin';

    case SmallestMm = 'smallestMm';
    case ToothGapMm = 'toothGapMm';
    case BoxInsideMm = 'boxInsideMm';
    case NutMm = 'nutMm';
    case HandMm = 'handMm';
    case GapBehindMm = 'gapBehindMm';
    case BoxBehindMm = 'boxBehindMm';
    case ElbowMm = 'elbowMm';
    case RockToPaneMm = 'rockToPaneMm';
    case RockToDrainMm = 'rockToDrainMm';
    case RockBase = 'rockBase';
    case StandingMm = 'standingMm';
    case ShoulderMm = 'shoulderMm';
    case ArmMm = 'armMm';
    case ToolMm = 'toolMm';
    case OpeningMm = 'openingMm';

    case BoardWidthMm = 'boardWidthMm';
    case BoardHeightMm = 'boardHeightMm';
    case OutletsFree = 'outletsFree';
    case PortsFree = 'portsFree';

    case StandHeightMm = 'standHeightMm';
    case StandInsideMm = 'standInsideMm';
    case CabinetLengthMm = 'cabinetLengthMm';
    case CabinetDepthMm = 'cabinetDepthMm';
    case DoorWidthMm = 'doorWidthMm';
    case DoorHeightMm = 'doorHeightMm';
    case DoorFromLeftMm = 'doorFromLeftMm';
    case CeilingMm = 'ceilingMm';
    case LampAboveRimMm = 'lampAboveRimMm';
    case LampHeightMm = 'lampHeightMm';
    case StandKg = 'standKg';
    case StandState = 'standState';
    case EquipmentKg = 'equipmentKg';
    case FloorType = 'floorType';
    case Storey = 'storey';
    case Joists = 'joists';
    case SpanMm = 'spanMm';
    case FromSupportMm = 'fromSupportMm';
    case AllowanceKpa = 'allowanceKpa';
    case WallOpening = 'wallOpening';
    case Balcony = 'balcony';
    case OutOfLevelMmM = 'outOfLevelMmM';
}
