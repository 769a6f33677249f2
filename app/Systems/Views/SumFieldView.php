<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Clients\Views\FactSpecView;
use App\Systems\Sums\SumField;

/** A field of a sum with what the record knows of it. */
final readonly class SumFieldView
{
    private function __construct(public FactSpecView $spec, public float|string|null $known, public bool $optional)
    {
    }

    public static function of(SumField $field): self
    {
        return new self(
            FactSpecView::ofSum(
                $field->key,
                $field->label,
                $field->kind?->value,
                $field->least,
                $field->most,
                $field->choices,
                $field->hint,
            ),
            $field->known,
            $field->optional,
        );
    }
}
