<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Systems\OpenRipple;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** What a change re-opened, in the reader's units. */
final readonly class RippleView
{
    private function __construct(
        public int $id,
        public string $label,
        public string $check,
        public string $rule,
        public string $cause,
        public ?string $moved,
        public string $on,
    ) {
    }

    public static function of(OpenRipple $ripple, Units $units): self
    {
        $figure = $ripple->figure;

        return new self(
            $ripple->id,
            $ripple->label,
            $ripple->check,
            $ripple->rule,
            $ripple->cause,
            is_array($figure)
                ? "{$figure['label']} ".
                    self::shown($figure['before'] ?? null, $figure['kind'] ?? null, $units).
                    ' → '.
                    self::shown($figure['after'] ?? null, $figure['kind'] ?? null, $units)
                : null,
            $ripple->created_at?->toDateString() ?? '',
        );
    }

    private static function shown(mixed $value, mixed $kind, Units $units): string
    {
        return match (true) {
            is_numeric($value) && is_string($kind) => $units->show(Quantity::of((float) $value, Kind::from($kind))),
            is_string($value) => $value,
            default => 'unknown',
        };
    }
}
