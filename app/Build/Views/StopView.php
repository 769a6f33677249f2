<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\House\Views\FindingView;

/** A Stop of a version: open, or answered by whom and how. */
final readonly class StopView
{
    public function __construct(
        public FindingView $finding,
        public bool $byReason,
        public ?string $answeredBy,
        public ?string $answeredOn,
        public ?string $reason,
        public ?string $document,
    ) {
    }
}
