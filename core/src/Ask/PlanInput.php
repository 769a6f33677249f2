<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask;

use Velbrin\Core\Build\Missing;
use Velbrin\Core\Build\Pane;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\OutOfRange;

/** A plan’s brief as a question’s input: its facts, its tables, and where each fact comes from. */
final class PlanInput
{
    private const TABLES = ['chambers', 'passages', 'vessels', 'lamps', 'points', 'holes', 'gear'];

    public static function of(Field ...$more): Input
    {
        $values = [];
        foreach (PlanSheet::fields() as $key => $spec) {
            $number = $spec->kind === null ? [] : ['type' => 'number', 'minimum' => $spec->least, 'maximum' => $spec->most];
            $schema = $spec->kind === null ? ['enum' => array_keys($spec->choices)] : ($spec->mayBeNone ? ['oneOf' => [$number, ['const' => PlanBrief::NONE]]] : $number);
            $values[$key] = ['description' => $spec->label.($spec->kind === null ? '' : ", {$spec->kind->value}"), ...$schema];
        }
        $lengths = fn (string ...$names): array => array_fill_keys($names, ['type' => ['number', 'null'], 'exclusiveMinimum' => 0]);
        $numbers = fn (string ...$names): array => array_fill_keys($names, ['type' => 'number', 'minimum' => 0]);
        $table = fn (string $name, string $says, int $most, array $columns): Field => Field::any($name, $says, ['type' => 'array', 'maxItems' => $most, 'items' => ['type' => 'object', 'properties' => ['name' => ['type' => 'string'], ...$columns]]], required: false);

        return Input::of(
            Field::any('values', 'facts in the core’s units; what is absent is unknown', ['type' => 'object', 'properties' => $values, 'additionalProperties' => false]),
            Field::any('bases', 'where each fact comes from', ['type' => 'object', 'additionalProperties' => ['enum' => array_column(Basis::cases(), 'value')]], required: false),
            $table('chambers', 'sump chambers in flow order, the return chamber last', PlanBrief::MOST_CHAMBERS, $lengths('lengthMm', 'baffleMm')),
            $table('passages', 'the way in', PlanBrief::MOST_PASSAGES, $lengths('widthMm', 'heightMm', 'corridorAMm', 'corridorBMm', 'outWidthMm', 'outHeightMm')),
            $table('vessels', 'further vessels on the same water', PlanBrief::MOST_VESSELS, [...$numbers('lengthMm', 'widthMm', 'heightMm', 'wallMm', 'waterMm', 'bottomMm', 'downMm'), 'ownPump' => ['type' => 'boolean']]),
            $table('lamps', 'seen from above, mm from the left and the back of the inside', PlanBrief::MOST_LAMPS, [...$numbers('xMm', 'yMm', 'ppf', 'halfAngleDeg'), ...$lengths('aboveRimMm')]),
            $table('points', 'read with a light meter', PlanBrief::MOST_POINTS, $numbers('xMm', 'yMm', 'depthMm', 'par')),
            $table('holes', 'seen from outside, mm from the left and the lower edge', PlanBrief::MOST_HOLES, ['pane' => ['enum' => array_column(Pane::cases(), 'value')], ...$numbers('xMm', 'yMm', 'diameterMm')]),
            $table('gear', 'what is to stand in the cabinet beside the sump', PlanBrief::MOST_GEAR, [...$numbers('widthMm', 'depthMm', 'heightMm', 'liftMm'), 'needsAir' => ['type' => 'boolean']]),
            ...$more,
        );
    }

    /** @throws OutOfRange naming the first fact that cannot be */
    public static function brief(Given $given): PlanBrief
    {
        $raw = ['values' => $given->raw('values'), 'bases' => $given->rawOr('bases')];
        foreach (self::TABLES as $table) {
            $raw[$table] = $given->rawOr($table);
        }
        $brief = PlanBrief::read($raw);
        if ($brief->errors !== []) {
            throw OutOfRange::field($brief->errors[0]->field, $brief->errors[0]->message, $brief->errors[0]->allowed);
        }

        return $brief;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $answer
     * @return T
     *
     * @throws OutOfRange naming what is missing
     */
    public static function known(callable $answer): mixed
    {
        try {
            return $answer();
        } catch (Missing $e) {
            throw OutOfRange::field($e->fields[0], 'This answer needs: '.implode(', ', $e->fields), 'a value');
        }
    }
}
