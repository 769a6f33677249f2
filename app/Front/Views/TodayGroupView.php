<?php

declare(strict_types=1);

namespace App\Front\Views;

/** A group of lines with where the rest is. */
final readonly class TodayGroupView
{
    /** @param  list<TodayLineView>  $lines */
    public function __construct(
        public string $title,
        public string $empty,
        public array $lines,
        public ?string $moreHref = null,
        public ?string $more = null,
        /** Lines are ticked off on this device: a name for the list. */ public ?string $ticks = null,
    ) {
    }
}
