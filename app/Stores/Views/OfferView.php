<?php

declare(strict_types=1);

namespace App\Stores\Views;

use Velbrin\Core\Risk\Lending\Offer;

/** One place a device could come from. */
final readonly class OfferView
{
    public function __construct(
        public Offer $offer,
        public string $name,
        public string $where,
        /** Of a device that would be lent; null: it lies on a shelf. */
        public ?int $itemId,
        public ?int $systemId,
    ) {
    }
}
