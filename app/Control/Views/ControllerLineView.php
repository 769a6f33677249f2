<?php

declare(strict_types=1);

namespace App\Control\Views;

/** A controller as a line of its place. */
final readonly class ControllerLineView
{
    public function __construct(
        public int $id,
        public string $name,
        public int $outlets,
        public ?int $running,
        public ?string $runningSince,
        public ?int $draft,
        public ?string $worst,
        public int $open,
    ) {
    }
}
