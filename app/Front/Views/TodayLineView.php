<?php

declare(strict_types=1);

namespace App\Front\Views;

/** One line of somebody's day: what, where it leads, and how pressing. */
final readonly class TodayLineView
{
    public function __construct(
        public string $what,
        public string $about,
        public ?string $href,
        public string $mark = 'none',
        public ?string $at = null,
        public ?float $harmH = null,
        public ?float $actsH = null,
        /** Of a visit: the place whose emergency sheet goes along. */
        public ?int $siteId = null,
    ) {
    }
}
