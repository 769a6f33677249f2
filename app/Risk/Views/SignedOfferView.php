<?php

declare(strict_types=1);

namespace App\Risk\Views;

use App\House\Days;
use App\House\Money;
use App\Risk\SignedOffer;

/** What the owner of a system signed: what was taken, what was put off until when, what that costs meanwhile. */
final readonly class SignedOfferView
{
    /**
     * @param  list<string>  $taken
     * @param  list<array{label: string, meanwhile: string, until: string, isDue: bool}>  $putOff  the soonest first
     */
    private function __construct(
        public string $signedBy,
        public string $signedOn,
        public string $cost,
        public array $taken,
        public array $putOff,
    ) {
    }

    public static function of(SignedOffer $offer): self
    {
        $today = Days::text();
        $putOff = array_map(
            fn (array $p): array => [
                'label' => $p['label'],
                'meanwhile' => $p['meanwhile'],
                'until' => $p['until'],
                'isDue' => $p['until'] < $today,
            ],
            $offer->put_off,
        );
        usort($putOff, fn (array $a, array $b): int => $a['until'] <=> $b['until']);

        return new self(
            signedBy: $offer->signed_by,
            signedOn: $offer->signed_on->toDateString(),
            cost: Money::shown($offer->cost_minor),
            taken: array_column($offer->taken, 'label'),
            putOff: $putOff,
        );
    }
}
