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
        );
    }

    /** Fine is settled only when it rests on what was given, never on a default that might flatter (B-94). */
    public function isSettled(): bool
    {
        return $this->severity !== Severity::Fine || $this->grounds->unconfirmed === [];
    }

    /** Stable name of this objection within a plan: one rule about one thing in one voice. */
    public function key(): string
    {
        $names = array_filter($this->what->parts, is_string(...));

        return $this->rule.':'.$this->about.':'.substr(md5($this->what->template.implode('|', $names)), 0, 8);
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
