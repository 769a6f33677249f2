<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Systems\ItemSetting;

/** What a device is set to, since when, why, and what it was before. */
final readonly class SettingView
{
    /** @param  list<array{value: string, on: string, by: string, why: string}>  $before  the newest first */
    private function __construct(
        public int $itemId,
        public string $item,
        public ?string $plug,
        public string $name,
        public string $value,
        public string $on,
        public string $by,
        public string $why,
        public array $before,
    ) {
    }

    /** @param  non-empty-list<ItemSetting>  $values  of one setting, the newest first, loaded with item and user */
    public static function of(array $values): self
    {
        $now = $values[0];

        return new self(
            itemId: $now->item_id,
            item: (string) $now->item?->name,
            plug: $now->item?->plug_label,
            name: $now->name,
            value: $now->value,
            on: $now->set_at->toIso8601ZuluString(),
            by: (string) $now->user?->name,
            why: $now->why,
            before: array_map(fn (ItemSetting $s): array => [
                'value' => $s->value,
                'on' => $s->set_at->toIso8601ZuluString(),
                'by' => (string) $s->user?->name,
                'why' => $s->why,
            ], array_slice($values, 1)),
        );
    }
}
