<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

use DomainException;

/** Input no answer exists for: names the field, what is wrong with it by its code, and what is allowed. */
final class OutOfRange extends DomainException
{
    /** The limits in words, metric; `allows` reads them in any unit. */
    public readonly string $allowed;

    private function __construct(
        public readonly string $field,
        public readonly Sentence $said,
        public readonly Sentence $allows,
        public readonly ?Quantity $least = null,
        public readonly ?Quantity $most = null,
    ) {
        $this->allowed = $allows->in(Units::metric());
        parent::__construct($said->in(Units::metric()));
    }

    /**
     * What is wrong, and what may stand there instead; both may speak of the parts, and of the field itself.
     *
     * @param  array<string, Quantity|Sentence|string>  $parts
     */
    public static function field(string $field, Saying $says, Saying|Sentence $allowed, array $parts = []): self
    {
        $parts = [...$parts, 'field' => $field];
        $allows = $allowed instanceof Sentence ? $allowed : Sentence::of($allowed, $parts);

        return new self($field, Sentence::of($says, [...$parts, 'allowed' => $allows]), $allows);
    }

    /**
     * A number outside its range; the limits travel as data so that a screen can show them in the user's unit.
     *
     * @param  array<string, Quantity|Sentence|string>  $parts
     */
    public static function number(
        string $field,
        float $value,
        Saying|Sentence $allowed,
        array $parts = [],
        ?Quantity $least = null,
        ?Quantity $most = null,
    ): self {
        $allows = $allowed instanceof Sentence ? $allowed : Sentence::of($allowed, [...$parts, 'field' => $field]);
        $said = is_finite($value)
            ? Sentence::of(Phrase::MustBeGot, ['field' => $field, 'allowed' => $allows, 'got' => (string) $value])
            : Sentence::of(Phrase::MustBeGotNoNumber, ['field' => $field, 'allowed' => $allows]);

        return new self($field, $said, $allows, $least, $most);
    }

    /** A refusal that was kept as its words. */
    public static function kept(string $field, string $message, string $allowed): self
    {
        $words = fn (string $said): Sentence => Sentence::kept('{words}', ['words' => $said]);

        return new self($field, $words($message), $words($allowed));
    }

    /** The same refusal under another field name, for a question that asks on behalf of another. */
    public function as(string $field): self
    {
        $said = Sentence::kept($this->said->template, [...$this->said->parts, 'field' => $field], $this->said->code);

        return new self($field, $said, $this->allows, $this->least, $this->most);
    }
}
