<?php

declare(strict_types=1);

namespace App\Reports\Views;

final readonly class RecommendationView
{
    public function __construct(public string $text, public ?int $priceMinor, public ?string $price)
    {
    }
}
