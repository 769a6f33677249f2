<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Measure\Finding;

/** Two versions of a plan, only where they differ. */
final readonly class Comparison
{
    /**
     * @param  list<array{0: string, 1: float|string|null, 2: float|string|null}>  $facts  field, before, after
     * @param  list<array{0: ?Figure, 1: ?Figure}>  $figures
     * @param  list<RowsDiffer>  $tables
     * @param  list<Finding>  $gone
     * @param  list<Finding>  $new
     */
    private function __construct(
        public array $facts,
        public array $figures,
        public array $tables,
        public array $gone,
        public array $new,
    ) {
    }

    public static function of(PlanBrief $before, PlanAnswers $was, PlanBrief $after, PlanAnswers $is): self
    {
        $facts = [];
        foreach (array_keys(PlanSheet::fields()) as $field) {
            $a = $before->values[$field] ?? null;
            $b = $after->values[$field] ?? null;
            if ($a !== $b) {
                $facts[] = [$field, $a, $b];
            }
        }
        $tables = [];
        foreach (PlanTables::all() as $key => $table) {
            $tables[] = RowsDiffer::of($table, $before->rows($key), $after->rows($key));
        }
        $figures = [];
        foreach (array_keys(Topic::LABELS) as $key) {
            $a = $was->figure($key);
            $b = $is->figure($key);
            if (self::value($a) !== self::value($b)) {
                $figures[] = [$a, $b];
            }
        }
        $open = fn (PlanAnswers $answers): array => self::byVoice($answers->findings);

        return new self(
            $facts,
            $figures,
            array_values(array_filter($tables)),
            array_values(array_diff_key($open($was), $open($is))),
            array_values(array_diff_key($open($is), $open($was))),
        );
    }

    private static function value(?Figure $figure): float|string|null
    {
        return $figure === null
            ? null
            : ($figure->quantity === null
                ? $figure->word
                : round($figure->quantity->value, 9));
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<string, Finding>
     */
    private static function byVoice(array $findings): array
    {
        $byVoice = [];
        foreach ($findings as $finding) {
            $byVoice[$finding->voice()] = $finding;
        }

        return $byVoice;
    }
}
