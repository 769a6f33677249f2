<?php

declare(strict_types=1);

namespace App\Water\Views;

/** One filling of a vessel on the time table, moments in UTC. */
final readonly class BatchView
{
    /** @param  list<string>  $for */
    public function __construct(
        public string $title,
        public string $litres,
        public string $salt,
        public int $vessel,
        public string $fillAt,
        public string $mixAt,
        public string $testAt,
        public string $readyAt,
        public string $loadAt,
        public bool $heatGoverns,
        public array $for,
        public float $litresValue,
        public int $mixId,
        public float $salinity,
    ) {
    }
}
