<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Systems\Product;
use Carbon\CarbonImmutable;

/** A product's card, read by whoever opens it (P-23). */
final readonly class ProductCardView
{
    /** @param  list<string>  $cautions */
    private function __construct(
        public int $id,
        public string $name,
        public ?string $instructions,
        public array $cautions,
        public ?string $contents,
        public ?string $effect,
        public ?int $openDays,
        public ?int $sheetId,
        /** "24 May 2027": opened today it keeps until then. */ public ?string $goodUntil,
    ) {
    }

    /** The product is read with its sheet_id. */
    public static function of(Product $p): self
    {
        $contents = array_filter([$p->contents, $p->packets === null ? null : "{$p->packets} in a pack"]);
        $sheet = $p->getAttributes()['sheet_id'] ?? null;

        return new self(
            id: $p->id,
            name: $p->name,
            instructions: $p->instructions,
            cautions: Product::lines($p->cautions),
            contents: $contents === [] ? null : implode(', ', $contents),
            effect: $p->effect,
            openDays: $p->open_days,
            sheetId: is_numeric($sheet) ? (int) $sheet : null,
            goodUntil: $p->open_days === null ? null : CarbonImmutable::now()->addDays($p->open_days)->format('j M Y'),
        );
    }
}
