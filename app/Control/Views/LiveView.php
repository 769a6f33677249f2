<?php

declare(strict_types=1);

namespace App\Control\Views;

use App\House\Views\FindingView;

/** What is reported now. */
final readonly class LiveView
{
    /**
     * @param  array<string, string>  $values  by sensor, in words
     * @param  array<string, bool>  $on  by outlet
     * @param  list<string>  $acts  guards that act, or wait for somebody
     * @param  list<FindingView>  $against  loads that do not do what their outlet says
     */
    public function __construct(
        public string $heardAt,
        public array $values,
        public array $on,
        public array $acts,
        public array $against,
    ) {
    }
}
