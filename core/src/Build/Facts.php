<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use LogicException;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Grounds;
use Velbrin\Core\Measure\Kind;

/** Reads a brief for one answer and remembers which facts, and so which bases, that answer rests on. */
final class Facts
{
    /** @var array<string, Basis> */
    private array $used = [];

    /** @var array<string, true> read, given by nobody, and counted with a default that might flatter (B-94) */
    private array $unconfirmed = [];

    /** @var list<string> what part of the question stays open for */
    private array $openFor = [];

    /** @param  array<string, float|string>  $defaults */
    private function __construct(public readonly PlanBrief $brief, private readonly array $defaults)
    {
    }

    public static function of(PlanBrief $brief): self
    {
        return new self($brief, PlanDefaults::for($brief));
    }

    /** The same facts with one said otherwise, on the same basis; what was read so far stays remembered. */
    public function with(F $field, float $value): self
    {
        $said = new self($this->brief->with($field, $value), $this->defaults);
        $said->used = $this->used;
        $said->unconfirmed = $this->unconfirmed;

        return $said;
    }

    /**
     * Asks for all of them at once, so that a plan lists everything an answer waits for.
     *
     * @throws Missing
     */
    public function need(F ...$fields): void
    {
        $missing = [];
        foreach ($fields as $field) {
            if (! $this->knows($field)) {
                $missing[] = $field->value;
            }
        }
        if ($missing !== []) {
            throw Missing::fields($missing);
        }
    }

    public function knows(F $field): bool
    {
        return $this->brief->has($field) || isset($this->defaults[$field->value]);
    }

    /** Nobody gave it, and a default stands in. */
    public function isAssumed(F $field): bool
    {
        return ! $this->brief->has($field) && isset($this->defaults[$field->value]);
    }

    /** An answer falls back on something rougher because these were not given: it is not called Fine. */
    public function without(F ...$fields): void
    {
        foreach ($fields as $field) {
            if (! $this->brief->has($field)) {
                $this->unconfirmed[$field->value] = true;
            }
        }
    }

    /** @throws Missing */
    public function number(F $field): float
    {
        $value = $this->value($field);

        return is_float($value) ? $value : throw Missing::fields([$field->value]);
    }

    /**
     * A number, or null for "none, on purpose".
     *
     * @throws Missing while nobody has said which
     */
    public function numberOrNone(F $field): ?float
    {
        $value = $this->value($field);

        return is_float($value) ? $value : null;
    }

    /**
     * A number somebody gave: a default will not do.
     *
     * @throws Missing
     */
    public function given(F $field): float
    {
        return $this->brief->has($field) ? $this->number($field) : throw Missing::fields([$field->value]);
    }

    /**
     * What was said, or its default, without resting on it: whoever judges by this fact reads it himself.
     *
     * @throws Missing
     */
    public function peek(F $field): float|string
    {
        return $this->brief->values[$field->value] ??
            ($this->defaults[$field->value] ?? throw Missing::fields([$field->value]));
    }

    /**
     * What was said, or the usual. That nobody said it makes a figure no assumption, but nothing is called Fine on it (B-94).
     *
     * @throws Missing
     */
    public function usual(F $field): float|string
    {
        if ($this->brief->has($field)) {
            return $this->value($field);
        }
        $this->unconfirmed[$field->value] = true;

        return $this->defaults[$field->value] ?? throw Missing::fields([$field->value]);
    }

    /** @throws Missing */
    public function word(F $field): string
    {
        $value = $this->value($field);

        return is_string($value) ? $value : throw new LogicException("{$field->value} is a number, not a word");
    }

    /** Part of a question cannot be answered without this, a fact or a cell of a table; the rest of it can. */
    public function leaveOpen(string $field): void
    {
        $this->openFor[] = $field;
    }

    /** @return list<string> */
    public function openFor(): array
    {
        return $this->openFor;
    }

    public function basisOf(F $field): Basis
    {
        return $this->brief->bases[$field->value] ?? Basis::Assumed;
    }

    /** The weakest basis among the facts read so far, and which of them have it. */
    public function basis(): Grounds
    {
        return Grounds::of($this->used, array_keys($this->unconfirmed));
    }

    /** @return array{0: string, 1: string, 2: float, 3: Kind, 4: Basis} an input row for a working */
    public function row(string $symbol, F $field): array
    {
        $spec = PlanSheet::spec($field);

        return [$symbol, $spec->label, $this->number($field), $spec->kind ?? Kind::Factor, $this->basisOf($field)];
    }

    private function value(F $field): float|string
    {
        $value =
            $this->brief->values[$field->value] ??
            ($this->defaults[$field->value] ?? throw Missing::fields([$field->value]));
        $this->used[$field->value] = $this->basisOf($field);
        if (! $this->brief->has($field) && ! PlanDefaults::isUnfavourable($field)) {
            $this->unconfirmed[$field->value] = true;
        }

        return $value;
    }
}
