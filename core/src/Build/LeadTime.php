<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** What a supplier's deliveries tell: days they really took, how often late or not whole (B-75). */
final readonly class LeadTime
{
    private function __construct(
        /** From order to delivery in the mean, whole days; null while nothing came. */
        public ?int $days,
        public ?int $longestDays,
        /** Came after the promised day. */
        public int $late,
        public int $notWhole,
    ) {
    }

    /** @param  list<array{orderedDay: int, delivery: Delivery}>  $orders  days of any one count */
    public static function of(array $orders): self
    {
        $took = [];
        $late = $notWhole = 0;
        foreach ($orders as ['orderedDay' => $ordered, 'delivery' => $delivery]) {
            $notWhole += $delivery->isWhole ? 0 : 1;
            if ($delivery->receivedDay !== null) {
                $took[] = $delivery->receivedDay - $ordered;
                $late += $delivery->receivedDay > $delivery->promisedDay ? 1 : 0;
            }
        }

        return new self(
            $took === [] ? null : (int) round(array_sum($took) / count($took)),
            $took === [] ? null : max($took),
            $late,
            $notWhole,
        );
    }
}
