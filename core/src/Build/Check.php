<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Closure;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Severity;

/**
 * One question with its own answer (B-94). It reads its own facts only: what is missing elsewhere in a plan changes nothing here. It is
 * never Fine on silence, nor on a default that might flatter. One that a Stop can come from stays open, and counts as not passed,
 * while a fact of its own is missing.
 */
final readonly class Check
{
    /** @param  Closure(Facts): list<Finding>  $judge  says Stop, Fix, Watch or Fine; nothing where the question does not arise */
    private function __construct(
        /** Its name within a plan, stable: rule and what is asked. */
        public string $key,
        public string $rule,
        public string $about,
        /** The question, in words. */
        public Phrase $asks,
        /** A Stop can come from it. */
        public bool $isSafety,
        private Closure $judge,
    ) {
    }

    /** @param  Closure(Facts): list<Finding>  $judge */
    public static function safety(string $key, string $about, Phrase $asks, Closure $judge): self
    {
        return new self($key, explode('.', $key)[0], $about, $asks, true, $judge);
    }

    /**
     * One no Stop comes from: a fact that is missing leaves it unsaid.
     *
     * @param  Closure(Facts): list<Finding>  $judge
     */
    public static function plain(string $key, string $about, Phrase $asks, Closure $judge): self
    {
        return new self($key, explode('.', $key)[0], $about, $asks, false, $judge);
    }

    /** The question answered by what is known of the build. */
    public function answer(PlanBrief $brief): CheckAnswer
    {
        $facts = Facts::of($brief);
        try {
            $findings = array_map(fn (Finding $f): Finding => $f->answering($this->key), ($this->judge)($facts));
        } catch (Missing $e) {
            return new CheckAnswer([], $this->isSafety ? OpenCheck::needing($this, $e->fields) : null);
        } catch (OutOfRange $e) {
            return new CheckAnswer(
                [],
                $this->isSafety ? OpenCheck::needing($this, [$e->field]) : null,
                FieldError::from($e),
            );
        }
        $waits = [...$facts->openFor(), ...self::unconfirmed($findings)];
        if ($waits === [] || self::has($findings, Severity::Stop)) {
            return new CheckAnswer($findings, null);
        }

        return new CheckAnswer(
            array_values(array_filter($findings, fn (Finding $f): bool => $f->isSettled())),
            OpenCheck::waiting($this, $facts, $waits),
        );
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string>
     */
    private static function unconfirmed(array $findings): array
    {
        return array_merge(...array_map(fn (Finding $f): array => $f->grounds->unconfirmed, $findings));
    }

    /** @param  list<Finding>  $findings */
    private static function has(array $findings, Severity $severity): bool
    {
        foreach ($findings as $finding) {
            if ($finding->severity === $severity) {
                return true;
            }
        }

        return false;
    }
}
