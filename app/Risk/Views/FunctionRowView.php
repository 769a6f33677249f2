<?php

declare(strict_types=1);

namespace App\Risk\Views;

use Velbrin\Core\Risk\Single\FunctionRow;

/** One critical function on one line (R-46). */
final readonly class FunctionRowView
{
    /**
     * @param  list<string>  $primary
     * @param  list<string>  $breaks
     * @param  list<string>  $detects
     */
    private function __construct(
        public string $function,
        public array $primary,
        public string $backup,
        public string $survives,
        public string $severity,
        public array $breaks,
        public array $detects,
        public ?float $harmH,
        public ?float $helpH,
        public ?string $proved,
    ) {
    }

    public static function of(FunctionRow $row): self
    {
        return new self(
            function: $row->function->label(),
            primary: $row->primary,
            backup: $row->backup->label(),
            survives: match ($row->survives) {
                true => 'survives any one loss',
                false => 'falls with one',
                null => 'open: what hangs on what is not written down',
            },
            severity: match (true) {
                $row->survives === true => 'fine',
                $row->survives === false && $row->harmH !== null && ($row->helpH === null || $row->helpH > $row->harmH) => 'fix',
                default => 'watch',
            },
            breaks: $row->breaks,
            detects: $row->detects,
            harmH: $row->harmH,
            helpH: $row->helpH,
            proved: match (true) {
                $row->provenYears === null => null,
                $row->provenYears < 1 / 12 => 'this month',
                default => sprintf('%.0f months ago', 12 * $row->provenYears),
            },
        );
    }
}
