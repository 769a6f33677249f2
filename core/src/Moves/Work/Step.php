<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Work;

use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Moves\Phrase;

/** One step of a work: what is done, at which visit, after what, and how it is shown. */
final readonly class Step
{
    /**
     * @param  int  $visit  1 the first
     * @param  list<Todo>  $after  what has to be done before
     * @param  float  $holdH  so long since the last of these, at least
     * @param  Kind|null  $unit  of a number; null: a plain one
     * @param  float|null  $least  of a number, itself allowed
     * @param  float|null  $most  of a number, itself allowed
     * @param  int|null  $wanted  of a count; null: nobody has said how many
     */
    public function __construct(
        public Todo $todo,
        public int $visit,
        public Proof $proof = Proof::Said,
        public array $after = [],
        public float $holdH = 0.0,
        public ?Kind $unit = null,
        public ?float $least = null,
        public ?float $most = null,
        public ?int $wanted = null,
    ) {
    }

    public function allows(float $value): bool
    {
        return ($this->least === null || $value >= $this->least - 1e-9) && ($this->most === null || $value <= $this->most + 1e-9);
    }

    /** What a number may be; null: any. */
    public function limit(): ?Sentence
    {
        $of = fn (float $v): Quantity => Quantity::of($v, $this->unit ?? Kind::Count);

        return match (true) {
            $this->least === null && $this->most === null => null,
            $this->most === null => Sentence::of(Phrase::NumberAtLeast, ['least' => $of((float) $this->least)]),
            ($this->least ?? 0.0) === 0.0 => Sentence::of(Phrase::NumberAtMost, ['most' => $of($this->most)]),
            default => Sentence::of(Phrase::BetweenLimits, ['least' => $of((float) $this->least), 'most' => $of($this->most)]),
        };
    }
}
