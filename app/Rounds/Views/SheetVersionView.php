<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\JobSheetVersion;
use Velbrin\Core\Rounds\JobSheet;

/** One version with what it changed. */
final readonly class SheetVersionView
{
    /** @param  list<array{0: string, 1: string}>  $lines  mark =, + or −, and the words */
    private function __construct(
        public int $version,
        public string $on,
        public string $by,
        public string $reason,
        public array $lines,
    ) {
    }

    public static function of(JobSheetVersion $v, ?JobSheetVersion $before): self
    {
        $all = fn (JobSheetVersion $of): array => [
            ...$of->steps,
            ...array_map(fn (string $c): string => "▲ {$c}", $of->cautions),
        ];

        return new self(
            $v->version,
            (string) $v->created_at?->toDateString(),
            $v->user->name ?? 'the library',
            $v->reason,
            $before === null
                ? []
                : array_values(
                    array_filter(JobSheet::differences($all($before), $all($v)), fn (array $l): bool => $l[0] !== '='),
                ),
        );
    }
}
