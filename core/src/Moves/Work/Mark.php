<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Work;

/** What somebody said of a step: that it is done, what was read, how many, with a photo or without. */
final readonly class Mark
{
    /**
     * @param  float  $atS  s, from any fixed moment
     * @param  float|null  $value  read, or counted
     * @param  bool|null  $answer  of a yes or no
     */
    public function __construct(
        public Todo $todo,
        public float $atS,
        public ?float $value = null,
        public ?bool $answer = null,
        public bool $hasPhoto = false,
    ) {
    }
}
