<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;

/** A typed value that cannot be, with what may stand there instead. */
final readonly class FieldError
{
    private function __construct(
        public string $field,
        public string $message,
        public string $allowed,
        public ?Quantity $least,
        public ?Quantity $most,
    ) {
    }

    public static function from(OutOfRange $e): self
    {
        return new self($e->field, $e->getMessage(), $e->allowed, $e->least, $e->most);
    }
}
