<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Cabinet\Piece;
use Velbrin\Core\Light\MeasuredGrid;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;

/** What is known of a build: facts with their basis, sump chambers, the way in. Bad facts are set aside as errors. */
final readonly class PlanBrief
{
    public const NONE = 'none';

    /** Counted while nobody has said a further vessel’s. */
    private const VESSEL_WALL_MM = 8.0;

    /**
     * @param  array<string, float|string>  $values  a number, a choice, or "none" on purpose; absent is unknown
     * @param  array<string, Basis>  $bases
     * @param  list<Chamber>  $chambers
     * @param  list<Passage>  $passages
     * @param  list<OtherVessel>  $vessels  besides display and sump
     * @param  list<Lamp>  $lamps
     * @param  list<LightPoint>  $points  read with a meter
     * @param  list<Hole>  $holes
     * @param  list<Piece>  $gear  what stands in the cabinet besides the sump
     * @param  list<FieldError>  $errors
     * @param  array<string, list<TableRow>>  $tables  sound rows of every table
     * @param  array<string, float>  $house  the company's own limits, by rule
     */
    private function __construct(
        public array $values,
        public array $bases,
        public array $chambers,
        public array $passages,
        public array $vessels,
        public array $lamps,
        public array $points,
        public array $holes,
        public array $gear,
        public array $errors,
        private array $tables,
        private array $house,
        /** Null: a plan, not a running system. */
        public ?OnRecord $record = null,
    ) {
    }

    /**
     * Reads decoded JSON: {values: {field: number|word|"none"}, bases: {field: basis}}, and each of PlanTables as a list of rows.
     * Nothing is thrown: what cannot be stands in errors.
     *
     * @param  array<array-key, mixed>  $raw
     */
    public static function read(array $raw): self
    {
        $values = $bases = $errors = [];
        $given = is_array($raw['values'] ?? null) ? $raw['values'] : [];
        $stated = is_array($raw['bases'] ?? null) ? $raw['bases'] : [];
        foreach ($given as $key => $value) {
            if ($value === null || $value === '') {
                continue;
            }
            $spec = PlanSheet::fields()[$key] ?? null;
            try {
                if ($spec === null) {
                    throw OutOfRange::field(
                        (string) $key,
                        Phrase::IsNotAFactAPlan,
                        Phrase::TheFieldsOfThePlanSheet,
                        ['key' => (string) $key],
                    );
                }
                $values[$spec->field->value] = self::value($spec, $value);
                $basis = $stated[$key] ?? null;
                $bases[$spec->field->value] = (is_string($basis) ? Basis::tryFrom($basis) : null) ?? Basis::Assumed;
            } catch (OutOfRange $e) {
                $errors[] = FieldError::from($e);
            }
        }
        $tables = array_map(function (TableSpec $table) use ($raw, &$errors): array {
            return $table->read($raw[$table->key] ?? null, $errors);
        }, PlanTables::all());
        $vessels = [];
        foreach ($tables['vessels'] as $r) {
            try {
                $vessels[] = OtherVessel::of(
                    name: $r->name,
                    lengthMm: $r->number('lengthMm'),
                    widthMm: $r->number('widthMm'),
                    heightMm: $r->number('heightMm'),
                    wallMm: $r->numberOr('wallMm') ?? self::VESSEL_WALL_MM,
                    waterMm: $r->number('waterMm'),
                    bottomMm: $r->numberOr('bottomMm') ?? 0.0,
                    downMm: $r->numberOr('downMm') ?? 0.0,
                    ownPump: $r->flag('ownPump'),
                    at: "vessels.{$r->row}",
                    shape: $r->wordOr('shape') ?? 'rectangular',
                    reversed: $r->flag('reversed'),
                    room: $r->wordOr('room') ?? '',
                    winterC: $r->numberOr('winterC'),
                    summerC: $r->numberOr('summerC'),
                    id: $r->id,
                );
            } catch (OutOfRange $e) {
                $errors[] = FieldError::from($e);
            }
        }

        $lamps = [];
        foreach ($tables['lamps'] as $r) {
            try {
                $grid = $r->wordOr('grid');
                // A diffuser or a reflector is an item with its effect (B-83).
                $through = ($r->numberOr('through') ?? 100.0) / 100;
                $lamps[] = new Lamp(
                    name: $r->name,
                    xMm: $r->number('xMm'),
                    yMm: $r->number('yMm'),
                    aboveRimMm: $r->numberOr('aboveRimMm'),
                    ppf: $r->number('ppf') * $through,
                    halfAngleDeg: $r->number('halfAngleDeg'),
                    over: self::whole($r->numberOr('over')),
                    grid: $grid === null || $grid === '' ? null : MeasuredGrid::parse($grid)->times($through),
                    row: $r->row,
                );
            } catch (OutOfRange $e) {
                $errors[] = FieldError::from($e->as("lamps.{$r->row}.grid"));
            }
        }

        return new self(
            values: $values,
            bases: $bases,
            chambers: array_map(
                fn (TableRow $r): Chamber => new Chamber($r->name, $r->numberOr('lengthMm'), $r->numberOr('baffleMm')),
                $tables['chambers'],
            ),
            passages: array_map(
                fn (TableRow $r): Passage => new Passage(
                    name: $r->name,
                    widthMm: $r->number('widthMm'),
                    heightMm: $r->number('heightMm'),
                    corridorAMm: $r->numberOr('corridorAMm'),
                    corridorBMm: $r->numberOr('corridorBMm'),
                    outWidthMm: $r->numberOr('outWidthMm'),
                    outHeightMm: $r->numberOr('outHeightMm'),
                    carDepthMm: $r->numberOr('carDepthMm'),
                    id: $r->id,
                ),
                $tables['passages'],
            ),
            vessels: $vessels,
            lamps: $lamps,
            points: array_map(
                fn (TableRow $r): LightPoint => new LightPoint(
                    name: $r->name,
                    xMm: $r->number('xMm'),
                    yMm: $r->number('yMm'),
                    depthMm: $r->number('depthMm'),
                    par: $r->number('par'),
                    share: ($r->numberOr('setting') ?? 100.0) / 100,
                    meter: $r->wordOr('meter') ?? '',
                    day: $r->wordOr('day') ?? '',
                ),
                $tables['points'],
            ),
            holes: array_map(
                fn (TableRow $r): Hole => new Hole(
                    $r->name,
                    Pane::from($r->word('pane')),
                    $r->number('xMm'),
                    $r->number('yMm'),
                    $r->number('diameterMm'),
                    $r->wordOr('serves'),
                ),
                $tables['holes'],
            ),
            gear: array_map(
                fn (TableRow $r): Piece => new Piece(
                    name: $r->name,
                    widthMm: $r->number('widthMm'),
                    depthMm: $r->number('depthMm'),
                    heightMm: $r->number('heightMm'),
                    liftMm: $r->numberOr('liftMm') ?? 0.0,
                    needsAir: $r->flag('needsAir'),
                    listed: $r->row,
                    compartment: self::whole($r->numberOr('in')),
                    staysDry: $r->flag('staysDry'),
                    heatW: $r->numberOr('heatW') ?? 0.0,
                    id: $r->id,
                    shelf: self::place($r->numberOr('shelf')),
                    massKg: $r->numberOr('massKg'),
                ),
                $tables['gear'],
            ),
            errors: $errors,
            tables: $tables,
            house: self::house($raw['house'] ?? null),
        );
    }

    private static function whole(?float $number): ?int
    {
        return $number === null ? null : (int) $number;
    }

    /** Of a row people count from 1. */
    private static function place(?float $number): ?int
    {
        return $number === null ? null : (int) $number - 1;
    }

    /** @return list<TableRow> the sound rows of a table */
    public function rows(string $table): array
    {
        return $this->tables[$table] ?? [];
    }

    /** The same brief with one fact said otherwise: for "what if", never kept. */
    public function with(PlanField $field, float|string $value): self
    {
        return new self(
            values: [...$this->values, $field->value => $value],
            bases: $this->bases,
            chambers: $this->chambers,
            passages: $this->passages,
            vessels: $this->vessels,
            lamps: $this->lamps,
            points: $this->points,
            holes: $this->holes,
            gear: $this->gear,
            errors: $this->errors,
            tables: $this->tables,
            house: $this->house,
            record: $this->record,
        );
    }

    /** The same build as it stands and runs. */
    public function onRecord(OnRecord $record): self
    {
        return new self(
            values: $this->values,
            bases: $this->bases,
            chambers: $this->chambers,
            passages: $this->passages,
            vessels: $this->vessels,
            lamps: $this->lamps,
            points: $this->points,
            holes: $this->holes,
            gear: $this->gear,
            errors: $this->errors,
            tables: $this->tables,
            house: $this->house,
            record: $record,
        );
    }

    public function has(PlanField $field): bool
    {
        return isset($this->values[$field->value]);
    }

    public function hasAny(PlanField ...$fields): bool
    {
        return array_filter($fields, $this->has(...)) !== [];
    }

    /** A limit of the company's own where it has one, else the usual. */
    public function limit(HouseRule $rule): float
    {
        return $this->house[$rule->value] ?? $rule->usual();
    }

    /** @return array<string, float> only what is a limit of the house, in its range; the rest stays as usual */
    private static function house(mixed $raw): array
    {
        $house = [];
        foreach (HouseRule::cases() as $rule) {
            $value = is_array($raw) ? $raw[$rule->value] ?? null : null;
            if ((is_int($value) || is_float($value)) && $value >= $rule->least() && $value <= $rule->most()) {
                $house[$rule->value] = (float) $value;
            }
        }

        return $house;
    }

    /** @throws OutOfRange */
    private static function value(FieldSpec $spec, mixed $value): float|string
    {
        $key = $spec->field->value;
        if ($spec->mayBeNone && $value === self::NONE) {
            return self::NONE;
        }
        if ($spec->kind === null) {
            return is_string($value) && isset($spec->choices[$value])
                ? $value
                : throw OutOfRange::field(
                    $key,
                    Phrase::ChooseOneOfTheWords,
                    Phrase::List,
                    ['label' => $spec->label, 'list' => implode(', ', $spec->choices)],
                );
        }
        if ((! is_int($value) && ! is_float($value)) || ! is_finite((float) $value)) {
            throw OutOfRange::field($key, Phrase::ANumberIsNeeded, Phrase::ANumber, ['label' => $spec->label]);
        }
        $number = (float) $value;
        if ($number < $spec->least || $number > $spec->most) {
            throw OutOfRange::number(
                $key,
                $number,
                Phrase::LeastToMost,
                ['least' => (string) $spec->least, 'most' => (string) $spec->most],
                least: Quantity::of($spec->least, $spec->kind),
                most: Quantity::of($spec->most, $spec->kind),
            );
        }

        return $number;
    }
}
