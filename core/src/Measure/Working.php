<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** How a headline number came about: a formula that evaluates to its own result. */
final readonly class Working
{
    /**
     * @param  string  $formula  in the symbols of the inputs, with + − * / ** and sqrt, exp, log, min, max, pi
     * @param  list<WorkingInput>  $inputs
     */
    private function __construct(
        public string $title,
        public string $formula,
        public array $inputs,
        public Quantity $result,
        public string $source,
    ) {
    }

    /** @param  list<array{0: string, 1: string, 2: float, 3: Kind, 4?: Basis}>  $inputs symbol, label, value, kind, basis */
    public static function of(string $title, string $formula, array $inputs, Quantity $result, string $source): self
    {
        return new self(
            $title,
            $formula,
            array_map(
                fn (array $i): WorkingInput => new WorkingInput(
                    $i[0],
                    $i[1],
                    Quantity::of($i[2], $i[3]),
                    $i[4] ?? Basis::Computed,
                ),
                $inputs,
            ),
            $result,
            $source,
        );
    }

    /** The formula for people: · for times, ² and ½ for common powers, √ for the root. */
    public function shown(): string
    {
        return strtr($this->formula, [
            '**0.5' => '^½',
            '**1.5' => '^1.5',
            '**2' => '²',
            '**3' => '³',
            '**' => '^',
            '*' => ' · ',
            ' * ' => ' · ',
            ' / ' => ' / ',
            'sqrt' => '√',
            ' - ' => ' − ',
        ]);
    }
}
