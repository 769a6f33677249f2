<?php

declare(strict_types=1);

namespace App\Systems\Sums;

use App\Systems\System;
use Velbrin\Core\Measure\OutOfRange;

/** A sum people do on the spot beside a tank: what it asks, what the record already knows of it, what it answers. */
interface Sum
{
    public function title(): string;

    public function why(): string;

    /** @return list<SumField> in asking order */
    public function fields(System $system): array;

    /**
     * @param  array<string, float|string>  $given  by field key, in the core's units; every field that is not optional
     * @return list<SumLine>
     *
     * @throws OutOfRange
     */
    public function answer(array $given): array;
}
