<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Clients\Enquiry;
use App\Clients\Site;
use App\House\Money;

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

    public static function of(?Site $site): self
    {
        $enquiry = Enquiry::of($site);
        $lines = array_map(
            fn (string $key, string $text): array => ['label' => Enquiry::WORDS[$key][0], 'text' => $text],
            array_keys($enquiry->words),
            $enquiry->words,
        );
        if ($enquiry->budgetMinor !== null) {
            $lines[] = ['label' => 'Would spend', 'text' => Money::shown($enquiry->budgetMinor)];
        }

        return new self($enquiry->words, $enquiry->budgetMinor, $enquiry->wantedOn, $enquiry->isSettled(), $lines);
    }
}
