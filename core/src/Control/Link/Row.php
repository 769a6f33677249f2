<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Link;

/** One thing a device reports: a reading, the state of an outlet, an event. */
final readonly class Row
{
    public const READING = 'reading';

    public const OUTLET = 'outlet';

    public const EVENT = 'event';

    /** A number beyond this is none that a device measures. */
    private const MOST = 1e9;

    private const WORD = 40;

    private function __construct(
        public int $seq,
        /** Which start of the device it counts from. */
        public int $boot,
        /** ms since that start. */
        public ?float $upMs,
        /** s since 1970 by the device’s own clock; null: it has none, or does not trust it. */
        public ?float $at,
        public string $kind,
        /** Sensor, outlet or guard. */
        public string $id,
        public ?float $value,
        public ?bool $on,
        public ?float $watts,
        public ?string $code,
    ) {
    }

    /** Its number, where there is one to answer with. */
    public static function seqOf(mixed $given): ?int
    {
        $seq = is_array($given) ? $given['seq'] ?? null : null;

        return is_int($seq) && $seq >= 0 ? $seq : null;
    }

    /**
     * @return self|string the row, or what is wrong with it
     */
    public static function read(mixed $given): self|string
    {
        if (! is_array($given)) {
            return 'not an object';
        }
        $unknown = array_diff(
            array_map(strval(...), array_keys($given)),
            ['seq', 'boot', 'upMs', 'at', 'kind', 'id', 'value', 'on', 'level', 'watts', 'code'],
        );
        $wrong = match (true) {
            $unknown !== [] => implode(', ', $unknown).' not known here',
            self::seqOf($given) === null => 'seq must be a whole number from 0',
            ! is_int($given['boot'] ?? 0) || ($given['boot'] ?? 0) < 0 => 'boot must be a whole number from 0',
            ! self::isNumber($given['upMs'] ?? null, true) => 'upMs must be a number',
            ! self::isNumber($given['at'] ?? null, true) => 'at must be seconds since 1970',
            ($given['upMs'] ?? null) === null && ($given['at'] ?? null) === null => 'upMs or at must say when',
            ! in_array($given['kind'] ?? null, [self::READING, self::OUTLET, self::EVENT], true) => 'kind must be reading, outlet or event',
            ! self::isWord($given['id'] ?? null, false) => 'id must be a word of 40 letters at most',
            ! self::isWord($given['code'] ?? null, true) => 'code must be a word of 40 letters at most',
            default => self::wrongValue($given),
        };

        return $wrong ?? new self(
            seq: (int) self::seqOf($given),
            boot: is_int($given['boot'] ?? null) ? $given['boot'] : 0,
            upMs: self::number($given['upMs'] ?? null),
            at: self::number($given['at'] ?? null),
            kind: is_string($given['kind'] ?? null) ? $given['kind'] : '',
            id: is_string($given['id'] ?? null) ? $given['id'] : '',
            value: self::number($given['value'] ?? $given['level'] ?? null),
            on: is_bool($given['on'] ?? null) ? $given['on'] : null,
            watts: self::number($given['watts'] ?? null),
            code: is_string($given['code'] ?? null) ? $given['code'] : null,
        );
    }

    /** What was said, in a few letters: the same number with other words is refused. */
    public function digest(): string
    {
        $said = [$this->boot, $this->upMs, $this->at, $this->kind, $this->id, $this->value, $this->on, $this->watts, $this->code];

        return substr(hash('sha256', json_encode($said, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)), 0, 16);
    }

    /** @param  array<array-key, mixed>  $given */
    private static function wrongValue(array $given): ?string
    {
        $isThere = fn (string $key): bool => ($given[$key] ?? null) !== null;

        return match (true) {
            ! self::isNumber($given['value'] ?? null, true), ! self::isNumber($given['level'] ?? null, true),
            ! self::isNumber($given['watts'] ?? null, true) => 'value, level and watts are numbers',
            $isThere('on') && ! is_bool($given['on']) => 'on must be true or false',
            $given['kind'] === self::READING && ! $isThere('value') && ! $isThere('on') => 'a reading has a value, or on',
            $given['kind'] === self::OUTLET && ! $isThere('on') && ! $isThere('level') => 'an outlet has on, or a level',
            $given['kind'] === self::EVENT && ! $isThere('code') => 'an event has a code',
            default => null,
        };
    }

    private static function isNumber(mixed $value, bool $orNothing): bool
    {
        return $value === null
            ? $orNothing
            : (is_int($value) || is_float($value)) && is_finite((float) $value) && abs((float) $value) <= self::MOST * 10_000;
    }

    private static function isWord(mixed $value, bool $orNothing): bool
    {
        return $value === null
            ? $orNothing
            : is_string($value) && preg_match('/^[\w.:\- ]{1,'.self::WORD.'}$/u', $value) === 1;
    }

    private static function number(mixed $value): ?float
    {
        return is_int($value) || is_float($value) ? (float) $value : null;
    }
}
