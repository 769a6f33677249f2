<?php

declare(strict_types=1);

namespace App\House\Views;

use Velbrin\Core\Build\OpenCheck;
use Velbrin\Core\Measure\Units;

/** A question that is open, with the facts that would settle it. */
final readonly class OpenCheckView
{
    /**
     * @param  list<string>  $needs  labels of facts nobody gave
     * @param  array<string, string>  $assumed  labels of facts counted with their default, by field
     */
    private function __construct(
        public string $key,
        public string $rule,
        public string $asks,
        public array $needs,
        public array $assumed,
        public bool $isSafety,
    ) {
    }

    public static function of(OpenCheck $check, Units $units): self
    {
        $labels = fn (array $fields): array => array_combine($fields, array_map(FigureView::fieldLabel(...), $fields));

        return new self(
            $check->key,
            $check->rule,
            $check->asks->in($units),
            array_values(array_unique($labels($check->needs))),
            $labels($check->assumed),
            $check->isSafety,
        );
    }

    /**
     * @param  list<OpenCheck>  $checks
     * @return list<self>
     */
    public static function all(array $checks, Units $units): array
    {
        return array_map(fn (OpenCheck $c): self => self::of($c, $units), $checks);
    }
}
