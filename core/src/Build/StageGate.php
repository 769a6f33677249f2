<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;

/**
 * Whether a stage may pass now (B-71): by its proof, by a signed waiver with its reason, or, where people can be hurt, by numbers that
 * meet the rule or the licensed person's stored document. Stages pass in their order.
 */
final class StageGate
{
    public const PROOF = 'proof';

    public const WAIVER = 'waiver';

    public const DOCUMENT = 'document';

    /**
     * What stands against passing, in words for the person who tries; null when nothing does.
     *
     * @param  list<Stage>  $stages
     * @param  array<string, int>  $passed  day each passed stage was passed on, by key; days of any one count
     * @param  list<Finding>  $findings  of the plan
     * @param  int  $day  it is to be passed on
     * @param  array<string, string>  $waits  what a stage still waits for, in words, by stage: a consent, a delivery
     */
    public static function against(string $key, string $by, array $stages, array $passed, array $findings, int $day, array $waits = []): ?string
    {
        $before = null;
        foreach ($stages as $stage) {
            if ($stage->key === $key) {
                return isset($passed[$key]) ? "“{$stage->label}” is passed already" : $waits[$key] ?? self::hinders($stage, $by, $before, $passed, $findings, $day);
            }
            if (! isset($passed[$stage->key])) {
                return "First “{$stage->label}” must pass";
            }
            $before = $stage;
        }

        return 'This plan has no such stage';
    }

    /**
     * What is still to be looked at before it; a waiver with its reason stands for all of it.
     *
     * @param  list<string>  $held  what was ticked
     * @return list<string>
     */
    public static function unheld(Stage $stage, string $by, array $held): array
    {
        return $by === self::WAIVER ? [] : array_values(array_diff($stage->holds, $held));
    }

    /**
     * How a stage can pass besides by its proof.
     *
     * @param  list<Finding>  $findings
     * @return list<string>
     */
    public static function ways(Stage $stage, array $findings): array
    {
        if ($stage->mayBeWaived) {
            return [self::PROOF, self::WAIVER];
        }

        return $stage->clearRules !== [] && ! self::isOpen($stage, $findings) ? [self::PROOF, self::DOCUMENT] : [self::DOCUMENT];
    }

    /**
     * @param  array<string, int>  $passed
     * @param  list<Finding>  $findings
     */
    private static function hinders(Stage $stage, string $by, ?Stage $before, array $passed, array $findings, int $day): ?string
    {
        if (! in_array($by, self::ways($stage, $findings), true)) {
            return $by === self::WAIVER
                ? "No waiver exists for “{$stage->label}”: it can hurt people. Store the licensed person’s document"
                : "“{$stage->label}” passes only by the licensed person’s document, or by numbers that meet the rule";
        }
        $from = $before === null ? null : $passed[$before->key];
        if ($from !== null && $day < $from) {
            return "It cannot pass before “{$before->label}” did";
        }
        $wait = (int) ceil($stage->waitDays);
        if ($by === self::PROOF && $stage->mustWait && $from !== null && $day < $from + $wait) {
            return "{$wait} days must go by first: {$stage->waitsFor}";
        }

        return null;
    }

    /** @param  list<Finding>  $findings */
    private static function isOpen(Stage $stage, array $findings): bool
    {
        foreach ($findings as $finding) {
            if (in_array($finding->rule, $stage->clearRules, true) && in_array($finding->severity, [Severity::Stop, Severity::Fix], true)) {
                return true;
            }
        }

        return false;
    }
}
