<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** Severity, what was found, why it matters, what would put it right, and the rule it came from. */
final readonly class Finding
{
    private function __construct(
        public Severity $severity,
        public string $rule,
        /** What it concerns on the drawing: display, weir, drain, return, sump, topoff, panel, floor, heat, access. */
        public string $about,
        public Sentence $what,
        public Sentence $why,
        public ?Sentence $remedy,
        public Grounds $grounds,
        /** Key of the working behind the number, where there is one. */
        public ?string $working,
        /** The question it answers, by its stable name; null where it is said beside others. */
        public ?string $code = null,
        /** Which row of that question it speaks of, by the row's own id; null: the plan as a whole. */
        public ?string $subject = null,
    ) {
    }

    public static function of(
        Severity $severity,
        string $rule,
        string $about,
        Sentence $what,
        Sentence $why,
        ?Sentence $remedy = null,
        Basis|Grounds $basis = Basis::Computed,
        ?string $working = null,
        ?string $subject = null,
    ): self {
        return new self(
            severity: $severity,
            rule: $rule,
            about: $about,
            what: $what,
            why: $why,
            remedy: $remedy,
            grounds: $basis instanceof Grounds ? $basis : Grounds::plain($basis),
            working: $working,
            subject: $subject,
        );
    }

    /** Fine is settled only when it rests on what was given, never on a default that might flatter (B-94). */
    public function isSettled(): bool
    {
        return $this->severity !== Severity::Fine || $this->grounds->unconfirmed === [];
    }

    /** The same, said in answer to that question. */
    public function answering(string $code): self
    {
        return new self(
            severity: $this->severity,
            rule: $this->rule,
            about: $this->about,
            what: $this->what,
            why: $this->why,
            remedy: $this->remedy,
            grounds: $this->grounds,
            working: $this->working,
            code: $code,
            subject: $this->subject,
        );
    }

    /**
     * Stable name of this objection within a plan, 80 characters at most: the question, and which row. No wording is in it, so that what
     * was answered stays answered when a sentence is put better.
     */
    public function key(): string
    {
        if ($this->code === null) {
            return $this->voice();
        }

        return $this->code.($this->subject === null ? '' : ':'.substr(hash('sha256', $this->subject), 0, 12));
    }

    /** Whether that key, of today or as keys were before they had codes, is this finding's. */
    public function isCalled(string $key): bool
    {
        return $key === $this->key() || $key === $this->voice();
    }

    /**
     * One rule that says this of these names: another code has another. Keys kept before sentences had codes were made from the words of
     * that day, which are kept for it.
     */
    public function voice(): string
    {
        $names = array_filter($this->what->parts, is_string(...));
        $says = FirstWords::of($this->what->code) ?? $this->what->code ?? $this->what->template;

        return $this->rule.':'.$this->about.':'.substr(md5($says.implode('|', $names)), 0, 8);
    }

    /**
     * Worst first, the given order within a severity.
     *
     * @param  list<self>  $findings
     * @return list<self>
     */
    public static function sorted(array $findings): array
    {
        usort($findings, fn (self $a, self $b): int => $a->severity->rank() <=> $b->severity->rank());

        return $findings;
    }
}
