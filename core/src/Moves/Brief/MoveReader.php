<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Control\Programme\Fields;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\BoxWall;
use Velbrin\Core\Moves\CarryTeam;
use Velbrin\Core\Moves\Load\Truck;
use Velbrin\Core\Moves\Load\Vehicle;
use Velbrin\Core\Moves\Phrase;

/** Reads a move from its document, schema 1: units in the names of keys, unknown keys refused, what is left out is not said. */
final class MoveReader
{
    public const SCHEMA = 1;

    private const TEN_O_CLOCK = 600.0;

    /**
     * @param  array<array-key, mixed>  $document
     * @param  array<string, float>  $paces  what was learned of how long stages take us, by step
     * @param  list<string>  $photographed  pieces by their id; places: where each coral stands
     * @param  array<string, string>  $elsewhere  what else somebody of the team has that day, by person
     * @param  int|null  $daysLeft  until the day; null: none is promised
     *
     * @throws OutOfRange that names the field
     */
    public static function read(
        array $document,
        array $paces = [],
        array $photographed = [],
        array $elsewhere = [],
        ?int $daysLeft = null,
    ): MoveBrief {
        $all = Fields::of($document, '');
        if ($all->number('schema') !== (float) self::SCHEMA) {
            throw $all->wrong('schema', Phrase::ThatSchema, ['schema' => (string) self::SCHEMA]);
        }
        $people = $all->objects('people');
        $isSpare = fn (Fields $one): bool => $one->boolean('spare', false);
        $read = new MoveBrief(
            kind: $all->choice('kind', MoveKind::class),
            beginsMin: (int) $all->number('beginsMin', 0, self::TEN_O_CLOCK),
            truckBackMin: self::whole($all, 'truckBackMin'),
            leaveByMin: self::whole($all, 'leaveByMin'),
            insideByMin: self::whole($all, 'insideByMin'),
            fish: $all->choiceOrNull('fish', FishSchool::class) ?? FishSchool::Last,
            people: array_map(self::person(...), array_values(array_filter($people, fn (Fields $p): bool => ! $isSpare($p)))),
            animals: array_map(self::animal(...), $all->objects('animals')),
            boxes: array_map(self::box(...), $all->objects('boxes')),
            pieces: array_map(self::piece(...), $all->objects('pieces')),
            way: self::way(self::part($all, 'way')),
            waters: self::waters(self::part($all, 'waters')),
            holding: self::holding(self::part($all, 'holding')),
            truck: $all->has('truck') ? self::truck($all->object('truck')) : null,
            planB: self::planB(self::part($all, 'planB')),
            spares: array_map(self::person(...), array_values(array_filter($people, $isSpare))),
            more: array_map(self::vehicle(...), $all->objects('vehicles')),
            paces: $paces,
            photographed: $photographed,
            elsewhere: $elsewhere,
            daysLeft: $daysLeft,
            late: self::late(self::part($all, 'late')),
            ticks: new Ticks(array_values(array_intersect($all->has('ticks') ? $all->words('ticks') : [], self::asked()))),
        );
        $all->noMore();

        return $read;
    }

    /** @return list<string> */
    private static function asked(): array
    {
        return array_merge(...array_map(array_keys(...), array_values(Ticks::ASKED)));
    }

    private static function part(Fields $all, string $key): Fields
    {
        return $all->has($key) ? $all->object($key) : Fields::of([], $all->at($key).'.');
    }

    private static function late(Fields $late): LateCosts
    {
        $read = new LateCosts(
            truckPerH: $late->numberOrNull('truck', 0),
            leavePerH: $late->numberOrNull('leave', 0),
            insidePerH: $late->numberOrNull('inside', 0),
        );
        $late->noMore();

        return $read;
    }

    private static function whole(Fields $of, string $key, float $least = 0.0): ?int
    {
        $number = $of->numberOrNull($key, $least);

        return $number === null ? null : (int) round($number);
    }

    private static function person(Fields $one): Mover
    {
        $read = new Mover(
            id: $one->text('id'),
            label: $one->textOrNull('label') ?? 'somebody',
            limitKg: $one->number('limitKg', 1, CarryTeam::LIMIT_KG),
            skills: $one->has('skills') ? array_values($one->words('skills')) : [],
            fromMin: self::whole($one, 'fromMin'),
            untilMin: self::whole($one, 'untilMin'),
            isDriver: $one->boolean('drives', false),
        );
        $one->noMore();

        return $read;
    }

    private static function animal(Fields $one): Animal
    {
        $read = new Animal(
            id: $one->text('id'),
            label: $one->textOrNull('label') ?? 'animal',
            isCoral: $one->boolean('coral', false),
            count: (int) $one->number('count', 1, 1.0),
            lengthCm: $one->numberOrNull('lengthCm', 0.1),
            isDeep: $one->boolean('deep', false),
            isAlone: $one->boolean('alone', false),
            isGlued: $one->boolean('glued', false),
            isToxic: $one->boolean('toxic', false),
            box: $one->textOrNull('box'),
            acclimationMin: $one->numberOrNull('acclimationMin', 0),
            isFleshy: $one->boolean('fleshy', false),
        );
        $one->noMore();

        return $read;
    }

    private static function box(Fields $one): Box
    {
        $read = new Box(
            id: $one->text('id'),
            label: $one->textOrNull('label') ?? 'box',
            litres: $one->number('litres', 0.5, Box::USUAL_L),
            wall: $one->choiceOrNull('wall', BoxWall::class) ?? BoxWall::Bin,
            lengthMm: $one->number('lengthMm', 50, Box::USUAL_LONG_MM),
            widthMm: $one->number('widthMm', 50, Box::USUAL_WIDE_MM),
            heightMm: $one->number('heightMm', 50, 320.0),
            tareKg: $one->number('tareKg', 0, 2.0),
            airLMin: $one->number('airLMin', 0, 0.0),
            airHours: $one->numberOrNull('airHours', 0),
            inCabin: $one->boolean('cabin', false),
            rides: $one->textOrNull('rides'),
            leaves: self::whole($one, 'leaves'),
            warmW: $one->number('warmW', 0, 0.0),
        );
        $one->noMore();

        return $read;
    }

    private static function piece(Fields $one): Piece
    {
        $fate = $one->choiceOrNull('fate', Fate::class);
        $isReused = $one->boolean('reused', true);
        $read = new Piece(
            id: $one->text('id'),
            label: $one->textOrNull('label') ?? 'piece',
            kind: $one->choiceOrNull('kind', PieceKind::class) ?? PieceKind::Gear,
            lengthMm: $one->numberOrNull('lengthMm', 1),
            widthMm: $one->numberOrNull('widthMm', 1),
            heightMm: $one->numberOrNull('heightMm', 1),
            kg: $one->numberOrNull('kg', 0.01),
            verdict: $one->choiceOrNull('verdict', Verdict::class) ?? Verdict::Unseen,
            isReused: $fate?->stays() ?? $isReused,
            isAcrylic: $one->boolean('acrylic', false),
            ageYears: $one->numberOrNull('ageYears', 0),
            unions: (int) $one->number('unions', 0, 0.0),
            rides: $one->textOrNull('rides'),
            leaves: self::whole($one, 'leaves'),
            fate: $fate,
            leadDays: $one->numberOrNull('leadDays', 0),
            ride: $one->choiceOrNull('ride', RockRide::class),
        );
        $one->noMore();

        return $read;
    }

    private static function way(Fields $way): Way
    {
        $read = new Way(
            carryFromM: $way->number('carryFromM', 0, 10.0),
            flightsFrom: (int) $way->number('flightsFrom', 0, 0.0),
            carryToM: $way->number('carryToM', 0, 10.0),
            flightsTo: (int) $way->number('flightsTo', 0, 0.0),
            driveMin: self::whole($way, 'driveMin'),
            outdoorC: $way->numberOrNull('outdoorC', -40),
            isWindy: $way->boolean('windy', true),
            sunWM2: $way->number('sunWM2', 0, 0.0),
            cabinC: $way->numberOrNull('cabinC', -40),
            loadC: $way->numberOrNull('loadC', -40),
            roomFromC: $way->numberOrNull('roomFromC', -40),
            roomToC: $way->numberOrNull('roomToC', -40),
            hoist: $way->booleanOrNull('hoist'),
            isHoistReady: $way->boolean('hoistReady', false),
            newOwner: $way->booleanOrNull('newOwner'),
            ownerAgrees: $way->boolean('ownerAgrees', false),
            border: $way->booleanOrNull('border'),
            hasAnimalPapers: $way->boolean('animalPapers', false),
            isFloorLookedAt: $way->boolean('floorLooked', false),
        );
        $way->noMore();

        return $read;
    }

    private static function waters(Fields $waters): Waters
    {
        $read = new Waters(
            oldL: $waters->numberOrNull('oldL', 0),
            newL: $waters->numberOrNull('newL', 0),
            drainLh: $waters->numberOrNull('drainLh', 1),
            fillLh: $waters->numberOrNull('fillLh', 1),
            old: self::numbersOf($waters, 'old'),
            fresh: self::numbersOf($waters, 'fresh'),
            limits: self::numbersOf($waters, 'limits'),
            totalAmmoniaMgL: $waters->number('totalAmmoniaMgL', 0, 0.0),
            glueMin: $waters->numberOrNull('glueMin', 0),
        );
        $waters->noMore();

        return $read;
    }

    /** The parameters a jump is looked at for. */
    public const PARAMETERS = ['temperature', 'salinity', 'ph', 'alkalinity', 'calcium', 'magnesium', 'nitrate', 'phosphate'];

    /** @return array<string, float> */
    private static function numbersOf(Fields $of, string $key): array
    {
        if (! $of->has($key)) {
            return [];
        }
        $map = $of->object($key);
        $numbers = [];
        foreach (self::PARAMETERS as $parameter) {
            $number = $map->numberOrNull($parameter);
            if ($number !== null) {
                $numbers[$parameter] = $number;
            }
        }
        $map->noMore();

        return $numbers;
    }

    private static function holding(Fields $holding): Holding
    {
        $read = new Holding(
            litres: $holding->numberOrNull('litres', 1),
            heaterW: $holding->numberOrNull('heaterW', 0),
            isAired: $holding->boolean('aired', false),
            isLidded: $holding->boolean('lidded', false),
            isBorne: $holding->boolean('borne', false),
            isTicked: $holding->boolean('proved', false),
            person: $holding->textOrNull('person'),
            cleared: $holding->number('cleared', 0, 0.0),
            everyH: $holding->number('everyH', 1, 12.0),
            isLit: $holding->boolean('lit', false),
            place: $holding->textOrNull('place'),
            proof: new HoldingProof(
                tempC: $holding->numberOrNull('tempC'),
                salinity: $holding->numberOrNull('salinity'),
                ph: $holding->numberOrNull('ph'),
                ammoniaMgL: $holding->numberOrNull('ammoniaMgL', 0),
                warmH: $holding->numberOrNull('warmH', 0),
            ),
        );
        $holding->noMore();

        return $read;
    }

    private static function planB(Fields $planB): PlanB
    {
        $read = new PlanB(
            days: $planB->numberOrNull('days', 1),
            agreedBy: $planB->textOrNull('agreedBy'),
            agreedOn: self::day($planB, 'agreedOn'),
            otherDay: self::day($planB, 'otherDay'),
            stops: self::stops($planB),
        );
        $planB->noMore();

        return $read;
    }

    /** @return array<string, string> */
    private static function stops(Fields $planB): array
    {
        $stops = [];
        foreach ($planB->objects('stops') as $one) {
            $then = $one->textOrNull('then');
            $stops += $then === null ? [] : [$one->text('stop') => $then];
            $one->text('stop');
            $one->noMore();
        }

        return $stops;
    }

    private static function day(Fields $of, string $key): ?string
    {
        $day = $of->textOrNull($key);
        $isWritten = $day !== null && preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $day, $d) === 1;
        $isDay = $day === null || ($isWritten && checkdate((int) $d[2], (int) $d[3], (int) $d[1]));

        return $isDay ? $day : throw $of->wrong($key, Phrase::ADate);
    }

    private static function vehicle(Fields $one): Vehicle
    {
        $id = $one->text('id');
        if ($id === Vehicle::FIRST) {
            throw $one->wrong('id', Phrase::AnotherName);
        }
        $label = $one->textOrNull('label') ?? $id;
        $backMin = self::whole($one, 'backMin');
        $isHired = $one->boolean('hired', false);

        $latePerH = $one->numberOrNull('latePerH', 0);

        return new Vehicle($id, $label, self::truck($one), $backMin, $isHired, $latePerH);
    }

    private static function truck(Fields $truck): Truck
    {
        $read = Truck::of(
            lengthMm: $truck->number('lengthMm', 1),
            widthMm: $truck->number('widthMm', 1),
            heightMm: $truck->number('heightMm', 1),
            payloadKg: $truck->number('payloadKg', 1),
            crewKg: $truck->number('crewKg', 0, 0.0),
            wheelbaseMm: $truck->numberOrNull('wheelbaseMm', 1),
            bulkheadMm: $truck->number('bulkheadMm', -5000, 0.0),
            emptyFrontKg: $truck->number('emptyFrontKg', 0, 0.0),
            emptyRearKg: $truck->number('emptyRearKg', 0, 0.0),
            frontMostKg: $truck->numberOrNull('frontMostKg', 1),
            rearMostKg: $truck->numberOrNull('rearMostKg', 1),
        );
        $truck->noMore();

        return $read;
    }
}
