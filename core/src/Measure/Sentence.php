<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

use MessageFormatter;

/**
 * What is said, as data: the code of its words, and its named parts with their numbers. Reads right in any unit. The words of the day
 * travel along, so that what was accepted reads as it did when it was accepted.
 */
final readonly class Sentence
{
    /** Between the codes of what is said in one breath. */
    private const AND = '+';

    /** @param  array<string, Quantity|Sentence|string>  $parts */
    private function __construct(
        /** An ICU message: "Power cut leaves {left}". */
        public string $template,
        public array $parts,
        /** Room and code, "hydraulics.power-cut-leaves"; null where it was kept before words had codes. */
        public ?string $code = null,
    ) {
    }

    /** @param  array<string, Quantity|Sentence|string>  $parts */
    public static function of(Saying $says, array $parts = []): self
    {
        return new self(Catalogue::english()->words($says), $parts, $says::room().'.'.$says->value);
    }

    /**
     * As it was kept somewhere, in the words of its day.
     *
     * @param  array<string, Quantity|Sentence|string>  $parts
     */
    public static function kept(string $template, array $parts, ?string $code = null): self
    {
        return new self($template, $parts, $code);
    }

    /** Several of a kind as one, a pair at a time: "{first}, {next}". */
    public static function listed(Saying $pair, self $first, self ...$then): self
    {
        return array_reduce(
            array_values($then),
            fn (self $so, self $next): self => self::of($pair, ['first' => $so, 'next' => $next]),
            $first,
        );
    }

    /** One after the other, as one; of parts with the same name the first is meant. */
    public static function joined(self $first, self ...$then): self
    {
        $words = [$first->template];
        $codes = [$first->code];
        $parts = $first->parts;
        foreach ($then as $one) {
            $words[] = $one->template;
            $codes[] = $one->code;
            $parts += $one->parts;
        }
        $known = array_filter($codes, is_string(...));

        return new self(implode(' ', $words), $parts, $known === [] ? null : implode(self::AND, $known));
    }

    public function in(Units $units): string
    {
        $words = array_map(
            fn (Quantity|self|string $part): string => match (true) {
                $part instanceof Quantity => $units->show($part),
                $part instanceof self => $part->in($units),
                default => $part,
            },
            $this->parts,
        );
        $said = MessageFormatter::formatMessage(Catalogue::ENGLISH, $this->template, $words);

        return is_string($said) ? $said : $this->template;
    }
}
