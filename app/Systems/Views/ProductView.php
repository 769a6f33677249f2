<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Systems\Product;
use Velbrin\Core\Chemistry\Parameter;

final readonly class ProductView
{
    /**
     * @param  list<string>  $raisesKeys
     * @param  list<string>  $lowersKeys
     */
    private function __construct(
        public int $id,
        public string $name,
        public string $kind,
        public string $raises,
        public string $lowers,
        public ?string $note,
        public ?string $howMuch,
        public string $kindKey,
        public array $raisesKeys,
        public array $lowersKeys,
        public ?string $cautions,
        public ?int $packets,
        public ?string $contents,
        public ProductCardView $card,
    ) {
    }

    public static function of(Product $product, ?string $howMuch = null): self
    {
        return new self(
            id: $product->id,
            name: $product->name,
            kind: Product::KINDS[$product->kind] ?? $product->kind,
            raises: self::names($product->raises),
            lowers: self::names($product->lowers),
            note: $product->note,
            howMuch: $howMuch,
            kindKey: $product->kind,
            raisesKeys: self::keys($product->raises),
            lowersKeys: self::keys($product->lowers),
            cautions: $product->cautions,
            packets: $product->packets,
            contents: $product->contents,
            card: ProductCardView::of($product),
        );
    }

    /** @param  array<array-key, mixed>|null  $keys */
    private static function names(?array $keys): string
    {
        return implode(
            ', ',
            array_map(
                fn (mixed $k): string => lcfirst(Parameter::tryFrom(is_string($k) ? $k : '')?->label() ?? ''),
                $keys ?? [],
            ),
        );
    }

    /**
     * @param  array<array-key, mixed>|null  $keys
     * @return list<string>
     */
    private static function keys(?array $keys): array
    {
        return array_values(array_filter($keys ?? [], is_string(...)));
    }
}
