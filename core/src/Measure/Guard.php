<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** The checks every question shares. Each returns the value it let through. */
final class Guard
{
    /** @throws OutOfRange */
    public static function finite(string $field, float $value): float
    {
        return is_finite($value) ? $value : throw OutOfRange::number($field, $value, Phrase::AFiniteNumber);
    }

    /** @throws OutOfRange */
    public static function notNegative(string $field, float $value): float
    {
        return is_finite($value) && $value >= 0 ? $value : throw OutOfRange::number($field, $value, Phrase::AtLeast0);
    }

    /** @throws OutOfRange */
    public static function positive(string $field, float $value): float
    {
        return is_finite($value) && $value > 0 ? $value : throw OutOfRange::number($field, $value, Phrase::MoreThan0);
    }

    /** @throws OutOfRange */
    public static function within(string $field, float $value, float $least, float $most): float
    {
        return is_finite($value) && $value >= $least && $value <= $most
            ? $value
            : throw OutOfRange::number(
                $field,
                $value,
                Phrase::LeastToMost,
                ['least' => (string) $least, 'most' => (string) $most],
            );
    }
}
