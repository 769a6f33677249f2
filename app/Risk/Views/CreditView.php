<?php

declare(strict_types=1);

namespace App\Risk\Views;

use Velbrin\Core\Risk\Layer\Credit;
use Velbrin\Core\Risk\Layer\LayerKind;
use Velbrin\Core\Risk\Layer\Part;

/** One protection against one hazard: when it acts, how often it fails, why it does not count. */
final readonly class CreditView
{
    /** @param  list<string>  $shares  "the same strip" */
    private function __construct(
        public string $name,
        public string $kind,
        public ?float $actsH,
        public float $failsPct,
        public ?string $why,
        public bool $tested,
        /** Months since then; null: the day is not written down. */
        public ?int $testedMonths,
        public array $shares,
        /** Somebody has to notice and come; all else acts by itself. */
        public bool $isPerson,
    ) {
    }

    public static function of(Credit $credit): self
    {
        $part = fn (string $one): string => Part::tryFrom(explode(':', $one)[0])?->label() ?? $one;

        return new self(
            name: $credit->layer->name,
            kind: $credit->layer->kind->label(),
            actsH: $credit->layer->actsH,
            failsPct: 100 * $credit->fails,
            why: $credit->refused?->words(),
            tested: $credit->layer->isTested,
            testedMonths: $credit->layer->testedYears === null ? null : (int) floor(12 * $credit->layer->testedYears),
            shares: array_values(array_unique([
                ...array_map(fn (string $s): string => "the same {$part($s)}", $credit->shares),
                ...array_map(fn (string $s): string => "maybe the same {$part($s)}", $credit->mayShare),
            ])),
            isPerson: $credit->layer->kind === LayerKind::Chain,
        );
    }
}
