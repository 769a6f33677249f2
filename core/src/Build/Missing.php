<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use RuntimeException;

/** An answer waits for facts nobody has given yet. */
final class Missing extends RuntimeException
{
    /** @param  non-empty-list<string>  $fields names of plan fields, or "chambers" */
    private function __construct(public readonly array $fields)
    {
        parent::__construct('needs '.implode(', ', $fields));
    }

    /** @param  non-empty-list<string>  $fields */
    public static function fields(array $fields): self
    {
        return new self($fields);
    }
}
