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
        public ?Quantity $least,
        public ?Quantity $most,
        /** What may stand there, read in any unit; null in an answer kept before it was: `allowed` has it in metric words. */
        public ?Sentence $allows,
        public ?Sentence $said,
    ) {
    }

    public static function from(OutOfRange $e): self
    {
        return new self($e->field, $e->getMessage(), $e->allowed, $e->least, $e->most, $e->allows, $e->said);
    }
}
