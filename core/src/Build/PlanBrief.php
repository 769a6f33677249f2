<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Cabinet\Piece;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;

/** What is known of a build: facts with their basis, sump chambers, the way in. Bad facts are set aside as errors. */
final readonly class PlanBrief
{
    public const NONE = 'none';

    public const MOST_CHAMBERS = 6;

    public const MOST_PASSAGES = 12;

    public const MOST_LAMPS = 24;

    public const MOST_VESSELS = 4;

    /** Counted while nobody has said a further vessel’s. */
    private const VESSEL_WALL_MM = 8.0;

    public const MOST_POINTS = 40;

    public const MOST_HOLES = 16;

    public const MOST_GEAR = 20;

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
    ) {
    }

    /**
     * Reads decoded JSON: {values: {field: number|word|"none"}, bases: {field: basis}, chambers: [{name, lengthMm, baffleMm}],
     * vessels: [{name, lengthMm, widthMm, heightMm, wallMm, waterMm, bottomMm, downMm, ownPump}],
     * passages: [{name, widthMm, heightMm, corridorAMm, corridorBMm, outWidthMm, outHeightMm}], lamps: [{name, xMm, yMm, aboveRimMm, ppf, halfAngleDeg}],
     * points: [{name, xMm, yMm, depthMm, par}], holes: [{name, pane, xMm, yMm, diameterMm}], gear: [{name, widthMm, depthMm, heightMm, liftMm, needsAir}]}. Nothing is thrown: what cannot be stands in errors.
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
                    throw OutOfRange::field((string) $key, "{$key} is not a fact a plan knows", 'the fields of the plan sheet');
                }
                $values[$spec->field->value] = self::value($spec, $value);
                $basis = $stated[$key] ?? null;
                $bases[$spec->field->value] = (is_string($basis) ? Basis::tryFrom($basis) : null) ?? Basis::Measured;
            } catch (OutOfRange $e) {
                $errors[] = FieldError::from($e);
            }
        }
        $chambers = self::rows($raw['chambers'] ?? null, self::MOST_CHAMBERS, fn (array $row, string $at): Chamber => new Chamber(
            self::name($row), self::length($row, 'lengthMm', $at), self::length($row, 'baffleMm', $at),
        ), 'chambers', $errors);
        $passages = self::rows($raw['passages'] ?? null, self::MOST_PASSAGES, fn (array $row, string $at): Passage => new Passage(
            self::name($row),
            self::length($row, 'widthMm', $at) ?? throw OutOfRange::field("{$at}.widthMm", 'A way in needs its width', 'a width'),
            self::length($row, 'heightMm', $at) ?? throw OutOfRange::field("{$at}.heightMm", 'A way in needs its height', 'a height'),
            self::length($row, 'corridorAMm', $at),
            self::length($row, 'corridorBMm', $at),
            self::length($row, 'outWidthMm', $at),
            self::length($row, 'outHeightMm', $at),
        ), 'passages', $errors);

        $vessels = self::rows($raw['vessels'] ?? null, self::MOST_VESSELS, fn (array $row, string $at): OtherVessel => OtherVessel::of(
            self::name($row), self::between($row, 'lengthMm', $at, 100, 8000), self::between($row, 'widthMm', $at, 100, 4000), self::between($row, 'heightMm', $at, 100, 3000),
            isset($row['wallMm']) ? self::between($row, 'wallMm', $at, 2, 60) : self::VESSEL_WALL_MM, self::between($row, 'waterMm', $at, 0, 3000),
            isset($row['bottomMm']) ? self::between($row, 'bottomMm', $at, 0, 4000) : 0.0, isset($row['downMm']) ? self::between($row, 'downMm', $at, 0, 3000) : 0.0, ($row['ownPump'] ?? false) === true, $at,
        ), 'vessels', $errors);
        $lamps = self::rows($raw['lamps'] ?? null, self::MOST_LAMPS, fn (array $row, string $at): Lamp => new Lamp(
            self::name($row), self::between($row, 'xMm', $at, 0, 20000), self::between($row, 'yMm', $at, 0, 20000), self::length($row, 'aboveRimMm', $at),
            self::between($row, 'ppf', $at, 0, 5000), self::between($row, 'halfAngleDeg', $at, 1, 89),
        ), 'lamps', $errors);

        $points = self::rows($raw['points'] ?? null, self::MOST_POINTS, fn (array $row, string $at): LightPoint => new LightPoint(
            self::name($row), self::between($row, 'xMm', $at, 0, 20000), self::between($row, 'yMm', $at, 0, 20000), self::between($row, 'depthMm', $at, 0, 3000), self::between($row, 'par', $at, 0, 5000),
        ), 'points', $errors);
        $holes = self::rows($raw['holes'] ?? null, self::MOST_HOLES, fn (array $row, string $at): Hole => new Hole(
            self::name($row), Pane::tryFrom(is_string($row['pane'] ?? null) ? $row['pane'] : '') ?? throw OutOfRange::field("{$at}.pane", 'Which pane is drilled', implode(', ', array_column(Pane::cases(), 'value'))),
            self::between($row, 'xMm', $at, 0, 20000), self::between($row, 'yMm', $at, 0, 20000), self::between($row, 'diameterMm', $at, 8, 250),
        ), 'holes', $errors);
        $gear = self::rows($raw['gear'] ?? null, self::MOST_GEAR, fn (array $row, string $at): Piece => new Piece(
            self::name($row), self::between($row, 'widthMm', $at, 10, 3000), self::between($row, 'depthMm', $at, 10, 3000), self::between($row, 'heightMm', $at, 10, 3000),
            isset($row['liftMm']) ? self::between($row, 'liftMm', $at, 0, 2000) : 0.0, ($row['needsAir'] ?? false) === true,
        ), 'gear', $errors);

        return new self($values, $bases, $chambers, $passages, $vessels, $lamps, $points, $holes, $gear, $errors);
    }

    public function has(PlanField $field): bool
    {
        return isset($this->values[$field->value]);
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
                : throw OutOfRange::field($key, "{$spec->label}: choose one of the words", implode(', ', $spec->choices));
        }
        if (! is_int($value) && ! is_float($value) || ! is_finite((float) $value)) {
            throw OutOfRange::field($key, "{$spec->label}: a number is needed", 'a number');
        }
        $number = (float) $value;
        if ($number < $spec->least || $number > $spec->most) {
            throw OutOfRange::number($key, $number, "{$spec->least} to {$spec->most}", Quantity::of($spec->least, $spec->kind), Quantity::of($spec->most, $spec->kind));
        }

        return $number;
    }

    /**
     * @template T of object
     *
     * @param  callable(array<array-key, mixed>, string): T  $make
     * @param  list<FieldError>  $errors
     *
     * @param-out list<FieldError> $errors
     *
     * @return list<T>
     */
    private static function rows(mixed $raw, int $most, callable $make, string $field, array &$errors): array
    {
        $rows = [];
        foreach (is_array($raw) ? array_values($raw) : [] as $i => $row) {
            try {
                if ($i >= $most) {
                    throw OutOfRange::field($field, "{$field}: more than {$most} rows", "at most {$most} rows");
                }
                $rows[] = $make(is_array($row) ? $row : [], "{$field}.{$i}");
            } catch (OutOfRange $e) {
                $errors[] = FieldError::from($e);
            }
        }

        return $rows;
    }

    /** @param  array<array-key, mixed>  $row */
    private static function name(array $row): string
    {
        $name = $row['name'] ?? '';

        return is_string($name) ? mb_substr(trim($name), 0, 60) : '';
    }

    /** @param  array<array-key, mixed>  $row */
    private static function between(array $row, string $key, string $at, float $least, float $most): float
    {
        $value = $row[$key] ?? null;
        if (! is_int($value) && ! is_float($value) || ! is_finite((float) $value) || $value < $least || $value > $most) {
            throw OutOfRange::field("{$at}.{$key}", "A number from {$least} to {$most} is needed", "{$least} to {$most}");
        }

        return (float) $value;
    }

    /** @param  array<array-key, mixed>  $row */
    private static function length(array $row, string $key, string $at): ?float
    {
        $value = $row[$key] ?? null;
        if ($value === null || $value === '') {
            return null;
        }
        if (! is_int($value) && ! is_float($value) || ! is_finite((float) $value) || $value <= 0 || $value > 20000) {
            throw OutOfRange::field("{$at}.{$key}", 'A length is needed: more than 0 and at most 20000 mm', 'more than 0 and at most 20000 mm');
        }

        return (float) $value;
    }
}
