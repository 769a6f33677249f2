<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Clients\Passage;

final readonly class PassageView
{
    private function __construct(
        public string $name,
        public float $widthMm,
        public float $heightMm,
        public ?float $corridorAMm,
        public ?float $corridorBMm,
        public ?float $outWidthMm,
        public ?float $outHeightMm,
        public ?float $carDepthMm,
    ) {
    }

    public static function of(Passage $passage): self
    {
        return new self(
            name: $passage->name,
            widthMm: $passage->width_mm,
            heightMm: $passage->height_mm,
            corridorAMm: $passage->corridor_a_mm,
            corridorBMm: $passage->corridor_b_mm,
            outWidthMm: $passage->out_width_mm,
            outHeightMm: $passage->out_height_mm,
            carDepthMm: $passage->car_depth_mm,
        );
    }
}
