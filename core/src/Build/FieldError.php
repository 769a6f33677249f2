<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/** A typed value that cannot be, with what may stand there instead. */
final readonly class FieldError
{
    private function __construct(
        public string $field,
        public string $message,
        public string $allowed,
        /** What may stand there, read in any unit. */ public Sentence $allows,
        public Sentence $said,
        public ?Quantity $least,
        public ?Quantity $most,
    ) {
    }

    public static function from(OutOfRange $e): self
    {
        return new self($e->field, $e->getMessage(), $e->allowed, $e->allows, $e->said, $e->least, $e->most);
    }
}
