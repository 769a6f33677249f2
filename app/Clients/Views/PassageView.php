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
            $passage->name,
            $passage->width_mm,
            $passage->height_mm,
            $passage->corridor_a_mm,
            $passage->corridor_b_mm,
            $passage->out_width_mm,
            $passage->out_height_mm,
            $passage->car_depth_mm,
        );
    }
}
