<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

use Velbrin\Core\Cabinet\Compartments;
use Velbrin\Core\Heat\HeaterChoice;
use Velbrin\Core\Hydraulics\PumpChart;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Power\PowerTree;

/** Answers a brief: every topic that has its facts, and for the others what they wait for. */
final class Plan
{
    /** @var list<class-string<Topic>> in the order their findings are read */
    private const TOPICS = [
        Topic\Volumes::class,
        Topic\Others::class,
        Topic\Converted::class,
        Topic\JumpGuard::class,
        Topic\StreamInTank::class,
        Topic\SandMoves::class,
        Topic\Panel::class,
        Topic\Floor::class,
        Topic\InWall::class,
        Topic\Weir::class,
        Topic\ReturnPump::class,
        Topic\TwinReturns::class,
        Topic\Drains::class,
        Topic\Holes::class,
        Topic\PowerCutRoom::class,
        Topic\OnOtherStorey::class,
        Topic\ReturnChamber::class,
        Topic\SkimmerDepth::class,
        Topic\RefillRunning::class,
        Topic\TopOff::class,
        Topic\Layers::class,
        Topic\Leaks::class,
        Topic\Sized::class,
        Topic\Warmth::class,
        Topic\Cooling::class,
        Topic\Damp::class,
        Topic\Circuits::class,
        Topic\PluggedIn::class,
        Topic\Outage::class,
        Topic\Upkeep::class,
        Topic\WayIn::class,
        Topic\UnderCeiling::class,
        Topic\Lighting::class,
        Topic\LightRead::class,
        Topic\LampsAsMade::class,
        Topic\Hung::class,
        Topic\RaisedForWork::class,
        Topic\InStand::class,
        Topic\InCabinet::class,
        Topic\Clearances::class,
        Topic\Reach::class,
        Topic\OnBoard::class,
        Topic\CableWays::class,
        Topic\Plumbing::class,
        Topic\Penetrations::class,
        Topic\InPhases::class,
    ];

    /** Everything: figures, findings, the drawing, the power cut as it runs, and what the topics drew. */
    public static function answer(PlanBrief $brief): PlanAnswers
    {
        [$figures, $findings, $open, $errors, $drawn] = self::judged($brief);
        $powerCut = self::try(fn (): array => PowerCutPlay::frames(Facts::of($brief))) ?? [];
        $drawing = [
            Topic\Lighting::class,
            Topic\InCabinet::class,
            Topic\WayIn::class,
            Topic\OnBoard::class,
            Topic\ReturnPump::class,
            Topic\CableWays::class,
            Topic\PluggedIn::class,
        ];
        [$lit, $cabinet, $ways, $board, $pump, $filled, $power] = array_map(
            fn (string $topic): ?object => $drawn[$topic] ?? null,
            $drawing,
        );
        $hasBreak = is_float($brief->values[PlanField::BreakBelowRimMm->value] ?? null);
        $cloggedCut = fn (): array => PowerCutPlay::frames(Facts::of($brief), clogged: true);

        return new PlanAnswers(
            figures: self::ordered($figures),
            findings: Finding::sorted($findings),
            open: $open,
            errors: self::once($errors),
            section: self::try(fn (): Section => Section::of(Facts::of($brief), $powerCut)),
            powerCut: $powerCut,
            cloggedCut: $hasBreak ? self::try($cloggedCut) ?? [] : [],
            pump: $pump instanceof PumpChart ? $pump : null,
            light: $lit instanceof LitTank ? $lit->maps() : [],
            lightSurvey: $lit instanceof LitTank ? $lit->survey : null,
            day: $lit instanceof LitTank ? $lit->day : null,
            heating: self::try(fn (): HeaterChoice => Topic\Warmth::choice(Facts::of($brief))),
            holes: self::try(fn (): HolePlan => HolePlan::of(Facts::of($brief))),
            proposedHoles: self::try(fn (): array => HolePlan::proposed(Facts::of($brief))) ?? [],
            cabinet: $cabinet instanceof Compartments ? $cabinet : null,
            ways: $ways instanceof WaysThrough ? $ways : null,
            board: $board instanceof BoardLayout ? $board : null,
            cableWays: $filled instanceof FilledWays ? $filled : null,
            power: $power instanceof PowerTree ? $power : null,
            outline: self::try(fn (): array => Topic\Lighting::inside(Facts::of($brief))[3]) ?? [],
        );
    }

    /** @return list<Finding> what is said of the plan, the gravest first, without the drawings */
    public static function findings(PlanBrief $brief): array
    {
        return Finding::sorted(self::judged($brief)[1]);
    }

    /**
     * @return array{
     *     0: array<string, Figure>, 1: list<Finding>, 2: list<OpenCheck>, 3: list<FieldError>, 4: array<string, object|null>
     * } figures by key, findings, open questions, errors, and what each topic drew
     */
    private static function judged(PlanBrief $brief): array
    {
        $figures = $findings = $open = $drawn = [];
        $errors = $brief->errors;
        foreach (self::TOPICS as $class) {
            $topic = new $class();
            try {
                $facts = Facts::of($brief);
                $answer = $topic->answer($facts);
                foreach ($answer->figures as $figure) {
                    $figures[$figure->key] = $figure;
                }
                foreach ($answer->findings as $finding) {
                    $finding->isSettled()
                        ? ($findings[] = $finding)
                        : ($open[] = OpenCheck::unconfirmed($finding, $facts));
                }
                $drawn[$class] = $answer->drawn;
            } catch (Missing $e) {
                $figures += self::waiting($topic, $e->fields);
            } catch (OutOfRange $e) {
                $errors[] = FieldError::from($e);
                $figures += self::waiting($topic, [$e->field]);
            }
        }
        foreach (self::checks() as $check) {
            $answer = $check->answer($brief);
            array_push($findings, ...$answer->findings);
            if ($answer->open !== null) {
                $open[] = $answer->open;
            }
            if ($answer->error !== null) {
                $errors[] = $answer->error;
            }
        }

        return [$figures, $findings, $open, $errors, $drawn];
    }

    /** @return list<Check> every question that is asked by itself */
    public static function checks(): array
    {
        $checks = [];
        foreach (self::TOPICS as $class) {
            if (is_subclass_of($class, Asks::class)) {
                array_push($checks, ...$class::checks());
            }
        }

        return $checks;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $answer
     * @return T|null null while facts are missing or cannot be
     */
    private static function try(callable $answer): mixed
    {
        try {
            return $answer();
        } catch (Missing|OutOfRange) {
            return null;
        }
    }

    /**
     * @param  non-empty-list<string>  $fields
     * @return array<string, Figure>
     */
    private static function waiting(Topic $topic, array $fields): array
    {
        $figures = [];
        foreach ($topic->keys() as $key) {
            $figures[$key] = Figure::waiting($key, $fields);
        }

        return $figures;
    }

    /**
     * @param  array<string, Figure>  $figures
     * @return array<string, Figure>
     */
    private static function ordered(array $figures): array
    {
        $ordered = [];
        foreach (array_keys(Topic::LABELS) as $key) {
            if (isset($figures[$key])) {
                $ordered[$key] = $figures[$key];
            }
        }

        return $ordered;
    }

    /**
     * One field is wrong once, however many answers it stops.
     *
     * @param  list<FieldError>  $errors
     * @return list<FieldError>
     */
    private static function once(array $errors): array
    {
        $seen = [];
        foreach ($errors as $error) {
            $seen[$error->field] ??= $error;
        }

        return array_values($seen);
    }
}
