<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

use DomainException;

/** Input no answer exists for: names the field, what was given, and what is allowed. */
final class OutOfRange extends DomainException
{
    private function __construct(
        public readonly string $field,
        string $message,
        public readonly string $allowed,
        public readonly ?Quantity $least = null,
        public readonly ?Quantity $most = null,
    ) {
        parent::__construct($message);
    }

    public static function field(string $field, string $message, string $allowed): self
    {
        return new self($field, $message, $allowed);
    }

    /** A number outside its range; the limits travel as data so that a screen can show them in the user's unit. */
    public static function number(
        string $field,
        float $value,
        string $allowed,
        ?Quantity $least = null,
        ?Quantity $most = null,
    ): self {
        $shown = is_finite($value) ? (string) $value : 'not a finite number';

        return new self($field, "{$field} must be {$allowed}, got {$shown}", $allowed, $least, $most);
    }

    /** The same refusal under another field name, for a question that asks on behalf of another. */
    public function as(string $field): self
    {
        return new self(
            $field,
            str_replace($this->field, $field, $this->getMessage()),
            $this->allowed,
            $this->least,
            $this->most,
        );
    }
}
