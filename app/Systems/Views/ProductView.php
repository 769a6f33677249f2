<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Systems\Product;
use Velbrin\Core\Chemistry\Parameter;

final readonly class ProductView
{
    private function __construct(public int $id, public string $name, public string $kind, public string $raises, public string $lowers, public ?string $note, public ?string $howMuch)
    {
    }

    public static function of(Product $product, ?string $howMuch = null): self
    {
        return new self($product->id, $product->name, Product::KINDS[$product->kind] ?? $product->kind, self::names($product->raises), self::names($product->lowers), $product->note, $howMuch);
    }

    /** @param  array<array-key, mixed>|null  $keys */
    private static function names(?array $keys): string
    {
        return implode(', ', array_map(fn (mixed $k): string => lcfirst(Parameter::tryFrom(is_string($k) ? $k : '')?->label() ?? ''), $keys ?? []));
    }
}
