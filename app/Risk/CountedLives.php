<?php

declare(strict_types=1);

namespace App\Risk;

use App\Systems\Item;
use Carbon\CarbonImmutable;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Rate\Assumed;
use Velbrin\Core\Risk\Rate\Counted;
use Velbrin\Core\Risk\Rate\Rates;

/**
 * What the company's own devices say of each life it counts on (X-51, R-20): those that failed by their age then, all others by the age
 * they have reached. A retired one of which nobody said whether it had failed counts as still running then: that never shortens a life.
 */
final class CountedLives
{
    private const DAYS_A_YEAR = 365.25;

    public function __construct(private readonly SeenFailures $seen)
    {
    }

    /**
     * @return array<string, Counted> by the name of the rate
     *
     * @throws OutOfRange
     */
    public function byRate(Rates $rates): array
    {
        $seen = $this->seen->byItem();
        $now = CarbonImmutable::now();
        $devices = [];
        $items = Item::query()
            ->whereNotNull('installed_on')
            ->where('installed_on', '<=', $now)
            ->get(['id', 'job', 'installed_on', 'retired_at', 'has_failed']);
        foreach ($items as $item) {
            $life = Rates::lifeOf($item->job);
            if ($life === null || $item->installed_on === null) {
                continue;
            }
            $until = $item->retired_at ?? $now;
            $years = max(0.0, $item->installed_on->diffInDays($until) / self::DAYS_A_YEAR);
            $devices[$life->value][] = [
                'ageYears' => $seen[$item->id] ?? $years,
                'hasFailed' => isset($seen[$item->id]) || $item->has_failed === true,
            ];
        }
        $shape = $rates->of(Assumed::Shape);

        return array_filter(array_map(fn (array $of): ?Counted => Counted::of($of, $shape), $devices));
    }
}
