<?php

declare(strict_types=1);

namespace App\House\Views;

use Illuminate\Contracts\Pagination\Paginator;

/** Where one is in a long list. */
final readonly class PageView
{
    private function __construct(public int $number, public ?string $newer, public ?string $older)
    {
    }

    /** @param  Paginator<array-key, mixed>  $page */
    public static function of(Paginator $page): self
    {
        return new self($page->currentPage(), $page->previousPageUrl(), $page->nextPageUrl());
    }
}
