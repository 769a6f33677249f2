<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Systems\OwnParameter;

final readonly class OwnParameterView
{
    private function __construct(
        public int $id,
        public string $name,
        public string $unit,
        public float $least,
        public float $most,
        public float $resolution,
    ) {
    }

    public static function of(OwnParameter $parameter): self
    {
        return new self(
            $parameter->id,
            $parameter->name,
            $parameter->unit,
            $parameter->least,
            $parameter->most,
            $parameter->resolution,
        );
    }
}
