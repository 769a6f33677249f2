<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** Words with numbers kept as data: "Power cut leaves {left}". Reads right in any unit. */
final readonly class Sentence
{
    /** @param  array<string, Quantity|string>  $parts */
    private function __construct(public string $template, public array $parts)
    {
    }

    /** @param  array<string, Quantity|string>  $parts */
    public static function of(string $template, array $parts = []): self
    {
        return new self($template, $parts);
    }

    public function in(Units $units): string
    {
        $words = [];
        foreach ($this->parts as $name => $part) {
            $words['{'.$name.'}'] = $part instanceof Quantity ? $units->show($part) : $part;
        }

        return strtr($this->template, $words);
    }
}
