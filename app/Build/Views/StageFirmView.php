<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\StageFirm;

/** The firm that answers for a stage. */
final readonly class StageFirmView
{
    private function __construct(
        public string $firm,
        public string $scope,
        public ?string $contact,
        public ?string $liable,
    ) {
    }

    public static function of(?StageFirm $firm): ?self
    {
        return $firm === null ? null : new self($firm->firm, $firm->scope, $firm->contact, $firm->liable);
    }
}
