<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\Order;
use App\Build\PassedStage;
use App\Build\Supplier;
use Illuminate\Support\Collection;
use Velbrin\Core\Build\LeadTime;

/** A supplier with what its orders tell: days it took, how often late or not whole, what came from it. */
final readonly class SupplierView
{
    /**
     * @param  array<string, string|null>  $words
     * @param  list<array{what: string, versionId: int, on: string, out: bool}>  $orders  latest first
     */
    private function __construct(
        public int $id,
        public string $name,
        public array $words,
        public int $count,
        public ?int $days,
        public ?int $longestDays,
        public int $late,
        public int $notWhole,
        public array $orders,
    ) {
    }

    /** @param  Collection<int, Order>  $orders  its own */
    public static function of(Supplier $supplier, Collection $orders): self
    {
        $lead = LeadTime::of(
            array_values(
                $orders
                    ->map(
                        fn (Order $o): array => [
                            'orderedDay' => PassedStage::day($o->ordered_on),
                            'delivery' => $o->delivery(),
                        ],
                    )
                    ->all(),
            ),
        );

        return new self(
            id: $supplier->id,
            name: $supplier->name,
            words: array_map(
                fn (string $key): ?string => is_string($supplier->getAttribute($key))
                    ? $supplier->getAttribute($key)
                    : null,
                array_combine(array_keys(Supplier::WORDS), array_keys(Supplier::WORDS)),
            ),
            count: $orders->count(),
            days: $lead->days,
            longestDays: $lead->longestDays,
            late: $lead->late,
            notWhole: $lead->notWhole,
            orders: array_values(
                $orders
                    ->sortByDesc('ordered_on')
                    ->take(6)
                    ->map(
                        fn (Order $o): array => [
                            'what' => $o->what,
                            'versionId' => $o->plan_version_id,
                            'on' => ($o->received_on ?? $o->promised_on)->toDateString(),
                            'out' => $o->delivery()->isOut(),
                        ],
                    )
                    ->all(),
            ),
        );
    }
}
