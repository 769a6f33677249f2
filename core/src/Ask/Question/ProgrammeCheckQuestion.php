<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Control\Programme\Checker;
use Velbrin\Core\Control\Programme\SetupReader;
use Velbrin\Core\Control\Programme\SetupSchema;
use Velbrin\Core\Measure\Finding;

final class ProgrammeCheckQuestion implements Question
{
    public function line(): string
    {
        return 'What is wrong with a controller’s set-up, before it costs an animal (K-20)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::any(
                'setup',
                'a set-up, schema 1: probes, outlets with rules, guards, alarms; unknown keys are refused',
                SetupSchema::json(),
            ),
        );
    }

    public function output(): array
    {
        return [
            Field::any('objections', 'row and outlet, probe, guard or alarm of each finding, in the same order', ['type' => 'array']),
            ...PlainFinding::fields(),
        ];
    }

    public function answer(Given $given): array
    {
        $found = Checker::check(SetupReader::read($given->raw('setup')));

        return [
            'objections' => array_map(fn (Finding $f): array => ['row' => $f->code, 'of' => $f->subject], $found),
            ...PlainFinding::judged($found),
        ];
    }
}
