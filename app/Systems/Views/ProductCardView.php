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
            $p->id,
            $p->name,
            $p->instructions,
            Product::lines($p->cautions),
            $contents === [] ? null : implode(', ', $contents),
            $p->effect,
            $p->open_days,
            is_numeric($sheet) ? (int) $sheet : null,
            $p->open_days === null ? null : CarbonImmutable::now()->addDays($p->open_days)->format('j M Y'),
        );
    }
}
