<?php

declare(strict_types=1);

namespace App\Clients;

/**
 * What is asked before anybody measures: first what is built or ordered already, then what they wish for (B-1, B-74). Kept with the
 * place, as typed.
 */
final readonly class Enquiry
{
    /** In the order it is asked. */
    public const WORDS = [
        'built' => ['Built already', 'tank, stand, cabinet, wall: what stands there and cannot move'],
        'ordered' => ['Ordered already', 'by whom, of which size, promised when'],
        'animals' => ['Animals they wish for', ''],
        'look' => ['How it should look', ''],
        'viewing' => ['Seen from', 'sides, heights, where people sit'],
        'care' => ['Care they will give', 'who, how often, what they would rather not do'],
        'shop' => ['Nearest shop and its hours', 'for animals, and for a pump on a Sunday'],
    ];

    /** @param  array<string, string>  $words */
    private function __construct(public array $words, public ?int $budgetMinor, public ?string $wantedOn)
    {
    }

    public static function of(?Site $site): self
    {
        $kept = $site->enquiry ?? [];
        $words = [];
        foreach (array_keys(self::WORDS) as $key) {
            if (is_string($kept[$key] ?? null) && $kept[$key] !== '') {
                $words[$key] = $kept[$key];
            }
        }

        return new self(
            $words,
            is_int($kept['budget_minor'] ?? null) ? $kept['budget_minor'] : null,
            is_string($kept['wanted_on'] ?? null) ? $kept['wanted_on'] : null,
        );
    }

    /** What a planner must not plan over: it is there, or it comes. */
    public function isSettled(): bool
    {
        return isset($this->words['built']) && isset($this->words['ordered']);
    }
}
