<?php

declare(strict_types=1);

namespace Velbrin\Core\Build\Topic;

use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\Phrase;
use Velbrin\Core\Build\TableRow;
use Velbrin\Core\Build\Topic;
use Velbrin\Core\Build\TopicAnswer;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** The joints of the plumbing: how each is made, which are hidden, and when each is looked at (B-25, B-87). */
final class Plumbing implements Topic
{
    /** When each joint is looked at while the system fills. */
    public const LOOKS = [
        'quarter' => 'a quarter full',
        'full' => 'full',
        'hour' => 'one hour later',
        'visit' => 'at the next visit',
    ];

    public function keys(): array
    {
        return ['joints'];
    }

    public function answer(Facts $facts): TopicAnswer
    {
        $joints = $facts->brief->rows('joints');
        if ($joints === []) {
            return new TopicAnswer([]);
        }
        $hidden = array_values(array_filter($joints, fn (TableRow $j): bool => $j->flag('hidden')));
        $loose = array_values(
            array_filter(
                $hidden,
                fn (TableRow $j): bool => in_array($j->word('kind'), ['hose', 'threaded', 'union'], true),
            ),
        );
        $findings = [];
        if ($loose !== []) {
            $findings[] = Finding::of(
                Severity::Fix,
                'B-87',
                'return',
                Sentence::of(Phrase::HiddenAndNotGlued, ['names' => self::names($loose)]),
                Sentence::of(
                    Phrase::ThreadsUnionsAndClampsWorkLoose,
                ),
                Sentence::of(Phrase::WhereItCanBeSeen),
                $facts->basis(),
            );
        }
        if ($hidden !== []) {
            $findings[] = Finding::of(
                Severity::Watch,
                'B-87',
                'return',
                Sentence::of(Phrase::OutOfSightOnceAllStands, ['names' => self::names($hidden)]),
                Sentence::of(Phrase::APhotoBeforeItCloses),
                Sentence::of(
                    Phrase::PhotographEachAndLook,
                ),
                $facts->basis(),
            );
        }
        if (! in_array('union', array_map(fn (TableRow $j): string => $j->word('kind'), $joints), true)) {
            $findings[] = Finding::of(
                Severity::Fix,
                'B-25',
                'return',
                Sentence::of(Phrase::NoUnionIsAmongTheJoints),
                Sentence::of(Phrase::WithoutOneAtThePump),
                Sentence::of(Phrase::AUnionAndAValve),
                $facts->basis(),
            );
        }
        if ($findings === []) {
            $findings[] = Finding::of(
                Severity::Fine,
                'B-87',
                'return',
                Sentence::of(Phrase::EveryJointCanBeSeen),
                Sentence::of(Phrase::LookAtEachAQuarterFull),
                null,
                $facts->basis(),
            );
        }
        $n = count($joints);

        return new TopicAnswer(
            [
                Figure::words(
                    'joints',
                    Sentence::of(Phrase::FigureJoints, ['n' => (string) $n]),
                    $hidden === []
                        ? null
                        : Sentence::of(Phrase::NHidden, ['n' => Quantity::of(count($hidden), Kind::Count)]),
                    $facts->basis(),
                ),
            ],
            $findings,
        );
    }

    /** @param  list<TableRow>  $joints */
    private static function names(array $joints): string
    {
        return implode(', ', array_map(fn (TableRow $j): string => $j->called('joint'), $joints));
    }
}
