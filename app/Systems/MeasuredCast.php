<?php

declare(strict_types=1);

namespace App\Systems;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use UnexpectedValueException;
use Velbrin\Core\Chemistry\Measured;

/** @implements CastsAttributes<Measured, Measured|string> */
final class MeasuredCast implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): Measured
    {
        return Parameters::here()->find(is_string($value) ? $value : '') ??
            throw new UnexpectedValueException("no such parameter: {$key}");
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return $value instanceof Measured ? $value->key() : (string) $value;
    }
}
