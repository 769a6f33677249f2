<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;

/** A parameter of the company's own: it states its unit and its plausible range itself (C-2). */
final readonly class CustomParameter implements Measured
{
    private function __construct(
        private string $key,
        private string $name,
        private string $unit,
        private float $least,
        private float $most,
        private float $resolution,
    ) {
    }

    /** @throws OutOfRange when the range is empty or the resolution not positive */
    public static function of(
        string $key,
        string $name,
        string $unit,
        float $least,
        float $most,
        float $resolution,
    ): self {
        Guard::finite('least', $least);
        if (! is_finite($most) || $most <= $least) {
            throw OutOfRange::number('most', $most, Phrase::MoreThan, ['least' => (string) $least]);
        }

        return new self($key, $name, $unit, $least, $most, Guard::positive('resolution', $resolution));
    }

    public function key(): string
    {
        return $this->key;
    }

    /** Name and unit: its numbers stand bare. */
    public function label(): string
    {
        return $this->unit === '' ? $this->name : "{$this->name}, {$this->unit}";
    }

    public function kind(): Kind
    {
        return Kind::Custom;
    }

    public function differenceKind(): Kind
    {
        return Kind::Custom;
    }

    public function plausible(): array
    {
        return [$this->least, $this->most];
    }

    public function resolution(): float
    {
        return $this->resolution;
    }
}
