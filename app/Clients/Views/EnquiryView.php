<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Clients\Enquiry;
use App\Clients\Site;
use App\House\Money;
use App\Team\User;

/** An enquiry as it is read beside a plan, and as it is typed. */
final readonly class EnquiryView
{
    /**
     * @param  array<string, string>  $words  as typed, by key
     * @param  list<array{label: string, text: string}>  $lines
     */
    private function __construct(
        public array $words,
        public ?int $budgetMinor,
        public ?string $wantedOn,
        public bool $settled,
        public array $lines,
    ) {
    }

    public static function of(?Site $site, User $user): self
    {
        $enquiry = Enquiry::of($site);
        $budget = $user->seesMoney() ? $enquiry->budgetMinor : null;
        $lines = array_map(
            fn (string $key, string $text): array => ['label' => Enquiry::WORDS[$key][0], 'text' => $text],
            array_keys($enquiry->words),
            $enquiry->words,
        );
        if ($budget !== null) {
            $lines[] = ['label' => 'Would spend', 'text' => Money::shown($budget)];
        }

        return new self($enquiry->words, $budget, $enquiry->wantedOn, $enquiry->isSettled(), $lines);
    }
}
