<?php

declare(strict_types=1);

namespace App\Api\Views;

use App\Systems\Reading;

/** A reading: its value in the core's unit, and as it was typed. */
final readonly class ApiReading
{
    private function __construct(
        public int $id,
        public int $systemId,
        public string $parameter,
        public string $takenAt,
        public float $value,
        public string $kind,
        public float $givenValue,
        public string $givenUnit,
        public string $method,
        public ?string $instrument,
        public bool $marked,
    ) {
    }

    public static function of(Reading $r): self
    {
        return new self(
            id: $r->id,
            systemId: $r->system_id,
            parameter: $r->parameter->key(),
            takenAt: $r->taken_at->toIso8601ZuluString(),
            value: (float) $r->value,
            kind: $r->parameter->kind()->value,
            givenValue: (float) $r->given_value,
            givenUnit: (string) $r->given_unit,
            method: (string) $r->method,
            instrument: $r->instrument,
            marked: $r->marked_at !== null,
        );
    }
}
