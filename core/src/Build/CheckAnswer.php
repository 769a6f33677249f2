<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Finding;

/** What a safety question came to: findings, what it stays open for, or a fact that cannot be. */
final readonly class CheckAnswer
{
    /** @param  list<Finding>  $findings */
    public function __construct(public array $findings, public ?OpenCheck $open, public ?FieldError $error = null)
    {
    }
}
