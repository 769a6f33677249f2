<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

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
     * Rules a stage after acceptance holds until they are clear: structure, electrics, hung lights. Everything else a Stop can come from
     * is settled before a version is accepted.
     */
    private const HELD = ['B-11', 'B-12', 'B-53', 'B-61'];

    public static function holds(string $rule): bool
    {
        return in_array($rule, self::HELD, true);
    }

    /**
     * What stands against passing, in words for the person who tries; null when nothing does.
     *
     * @param  list<Stage>  $stages
     * @param  array<string, int>  $passed  day each passed stage was passed on, by key; days of any one count
     * @param  non-empty-list<PlanAnswers>  $answers  as accepted, and by today’s arithmetic: each must be clear
     * @param  int  $day  it is to be passed on
     * @param  array<string, string>  $waits  what a stage still waits for, in words, by stage: a consent, a delivery
     * @param  array<string, string>  $lacks  what the proof of a stage still lacks, in words, by stage: readings
     */
    public static function against(
        string $key,
        string $by,
        array $stages,
        array $passed,
        array $answers,
        int $day,
        array $waits = [],
        array $lacks = [],
    ): ?string {
        $before = null;
        foreach ($stages as $stage) {
            if ($stage->key === $key) {
                return match (true) {
                    isset($passed[$key]) => "“{$stage->label}” is passed already",
                    isset($waits[$key]) => $waits[$key],
                    $by === self::PROOF && isset($lacks[$key]) => $lacks[$key],
                    default => self::hinders($stage, $by, $before, $passed, $answers, $day),
                };
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
     * How a stage can pass.
     *
     * @param  non-empty-list<PlanAnswers>  $answers  as accepted, and by today’s arithmetic: each must be clear
     * @return list<string>
     */
    public static function ways(Stage $stage, array $answers): array
    {
        if ($stage->mayBeWaived) {
            return [self::PROOF, self::WAIVER];
        }

        foreach ($answers as $one) {
            if (! self::isClear($stage, $one)) {
                return [self::DOCUMENT];
            }
        }

        return [self::PROOF, self::DOCUMENT];
    }

    /**
     * @param  array<string, int>  $passed
     * @param  non-empty-list<PlanAnswers>  $answers
     */
    private static function hinders(
        Stage $stage,
        string $by,
        ?Stage $before,
        array $passed,
        array $answers,
        int $day,
    ): ?string {
        if (! in_array($by, self::ways($stage, $answers), true)) {
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

    /**
     * A gate for people's safety opens on a positive Fine of each of its rules, never on silence (B-94).
     */
    private static function isClear(Stage $stage, PlanAnswers $answers): bool
    {
        foreach ($stage->clearRules as $rule) {
            if (! $answers->isClear($rule)) {
                return false;
            }
        }

        return $stage->clearRules !== [];
    }
}
