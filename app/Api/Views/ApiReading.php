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
            $r->id,
            $r->system_id,
            $r->parameter->key(),
            $r->taken_at->toIso8601ZuluString(),
            (float) $r->value,
            $r->parameter->kind()->value,
            (float) $r->given_value,
            (string) $r->given_unit,
            (string) $r->method,
            $r->instrument,
            $r->marked_at !== null,
        );
    }
}
