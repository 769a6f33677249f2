<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask;

use Velbrin\Core\Measure\OutOfRange;

/** One headless question: reads an object, answers with an object. */
interface Question
{
    /** One line for people. */
    public function line(): string;

    public function input(): Input;

    /** @return list<Field> what the answer holds at least */
    public function output(): array;

    /**
     * @return array<string, mixed> plain JSON values
     *
     * @throws OutOfRange
     */
    public function answer(Given $given): array;
}
