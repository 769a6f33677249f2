<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Systems\HouseLimit;
use Velbrin\Core\Build\HouseRule;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** One limit of the house. Numbers in the core's unit; the screen converts. */
final readonly class HouseLimitView
{
    private function __construct(
        public string $key,
        public string $rule,
        public string $label,
        public string $kind,
        public string $usual,
        public string $range,
        public ?float $value,
        public ?string $reason,
        public ?string $by,
    ) {
    }

    public static function of(HouseRule $rule, ?HouseLimit $own, Units $units): self
    {
        $show = fn (float $v): string => $units->show(Quantity::of($v, $rule->kind()));

        return new self(
            key: $rule->value,
            rule: $rule->rule(),
            label: $rule->label(),
            kind: $rule->kind()->value,
            usual: $show($rule->usual()),
            range: "{$show($rule->least())} to {$show($rule->most())}",
            value: $own?->value,
            reason: $own?->reason,
            by: $own?->user?->name,
        );
    }
}
