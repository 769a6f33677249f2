<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Units;

/** A finding in the reader's units. */
final readonly class FindingView
{
    private function __construct(
        public string $key,
        public string $severity,
        public string $word,
        public string $rule,
        public string $about,
        public string $what,
        public string $why,
        public ?string $remedy,
        public string $basis,
        public ?string $working,
    ) {
    }

    public static function of(Finding $finding, Units $units): self
    {
        return new self(
            key: $finding->key(),
            severity: $finding->severity->value,
            word: $finding->severity->word(),
            rule: $finding->rule,
            about: $finding->about,
            what: $finding->what->in($units),
            why: $finding->why->in($units),
            remedy: $finding->remedy?->in($units),
            basis: FigureView::grounds($finding->grounds),
            working: $finding->working,
        );
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<self>
     */
    public static function all(array $findings, Units $units): array
    {
        return array_map(fn (Finding $f): self => self::of($f, $units), $findings);
    }
}
