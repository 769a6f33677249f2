<?php

declare(strict_types=1);

namespace App\Control\Views;

use App\Control\Controller;
use App\Control\Orders\OrderState;
use App\Control\Orders\OutletOrder;
use Carbon\CarbonImmutable;

/** An order that stands, or whose answer is worth a look. */
final readonly class OrderView
{
    /** What is over leaves the page after so many hours. */
    private const SHOWN_H = 12;

    private const MOST = 20;

    private function __construct(
        public int $id,
        public string $outlet,
        public bool $isOn,
        public float $forMin,
        public string $because,
        public string $who,
        public string $state,
        public string $askedAt,
        public string $expiresAt,
        public ?string $untilAt,
        public ?string $overAt,
        public ?string $refusedWhy,
        public bool $isOverdue,
        public bool $isOpen,
    ) {
    }

    /** @return list<self> what stands first, then what was */
    public static function all(Controller $controller): array
    {
        return array_values(OutletOrder::query()
            ->where('controller_id', $controller->id)
            ->where(fn ($q) => $q
                ->whereIn('state', OrderState::open())
                ->orWhere('created_at', '>', CarbonImmutable::now()->subHours(self::SHOWN_H)))
            ->with(['user', 'outlet'])
            ->latest('id')
            ->limit(self::MOST)
            ->get()
            ->map(fn (OutletOrder $o): self => new self(
                id: $o->id,
                outlet: (string) $o->outlet?->key(),
                isOn: $o->level > 0,
                forMin: $o->for_s / 60,
                because: $o->because,
                who: (string) $o->user?->name,
                state: $o->state->value,
                askedAt: (string) $o->created_at?->toIso8601ZuluString(),
                expiresAt: $o->expires_at->toIso8601ZuluString(),
                untilAt: $o->until_at?->toIso8601ZuluString(),
                overAt: $o->over_at?->toIso8601ZuluString(),
                refusedWhy: $o->refused_why,
                isOverdue: $o->overdue_at !== null && ! $o->isArchived(),
                isOpen: ! $o->isArchived(),
            ))
            ->all());
    }
}
