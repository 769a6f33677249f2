<?php

declare(strict_types=1);

namespace App\Moves\Views;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Units;
use Velbrin\Core\Moves\Day\Gate;

/** A point at which a move goes on or does not. */
final readonly class MoveGateView
{
    /**
     * @param  list<array{key: string, label: string, isSo: bool}>  $asked
     * @param  list<string>  $against
     */
    private function __construct(
        public string $key,
        public string $label,
        public array $asked,
        public array $against,
        public bool $isOpen,
        /** yes, plan-b, or reason: with its words */
        public ?string $decided,
        public ?string $decidedBy,
        public ?string $decidedAt,
    ) {
    }

    /** @param  array{by: string, at: string}|null  $decider */
    public static function of(Gate $gate, Units $units, ?string $decided, ?array $decider): self
    {
        return new self(
            key: $gate->key,
            label: $gate->label,
            asked: $gate->asked,
            against: array_map(fn (Finding $f): string => $f->what->in($units), $gate->against),
            isOpen: $gate->isOpen(),
            decided: $decided,
            decidedBy: $decider['by'] ?? null,
            decidedAt: $decider['at'] ?? null,
        );
    }
}
