<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask\Question;

use Velbrin\Core\Ask\Field;
use Velbrin\Core\Ask\Given;
use Velbrin\Core\Ask\Input;
use Velbrin\Core\Ask\Phrase;
use Velbrin\Core\Ask\PlainFinding;
use Velbrin\Core\Ask\Question;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Course\End;
use Velbrin\Core\Moves\Course\Hand;
use Velbrin\Core\Moves\Course\Need;
use Velbrin\Core\Moves\Course\Step;
use Velbrin\Core\Moves\Course\Timetable;
use Velbrin\Core\Moves\Course\Work;

final class MoveTimetableQuestion implements Question
{
    /** Names may be numbers, which PHP’s lists would take for places. */
    private const MARK = '~';

    public function line(): string
    {
        return 'The course of a move’s day: starts, what it hangs on, what each end leaves (M-8)';
    }

    public function input(): Input
    {
        return Input::of(
            Field::rows('tasks', 'what is to be done', Input::of(
                Field::text('id', 'name'),
                Field::number('minutes', 'rounded up to whole ones', 0, 2880),
                Field::number('persons', 'hands', 0, 20, default: 1),
                Field::any('skills', 'each by somebody of those', ['type' => 'array', 'items' => ['type' => 'string']], required: false),
                Field::any('uses', 'things it needs', ['type' => 'array', 'items' => ['type' => 'string']], required: false),
                Field::rows('needs', 'what stands before it', Input::of(
                    Field::text('id', 'name'),
                    Field::number('lagMin', 'so long before at least', 0, 2880, default: 0),
                    Field::number('maxLagMin', 'and no longer', 0, 2880)->orNull()->optional(),
                ), required: false),
                Field::number('fromMin', 'not begun before', 0, 10000)->orNull()->optional(),
                Field::number('toMin', 'not done later', 0, 10000)->orNull()->optional(),
            )),
            Field::rows('people', 'who is there', Input::of(
                Field::text('id', 'name'),
                Field::any('skills', 'what they can', ['type' => 'array', 'items' => ['type' => 'string']], required: false),
                Field::number('fromMin', 'there from then', -2880, 100_000)->optional()->integer(),
                Field::number('untilMin', 'there until then', -2880, 100_000)->optional()->integer(),
            )),
            Field::rows('uses', 'things there are', Input::of(
                Field::text('id', 'name'),
                Field::number('count', 'how many', 1, 100),
            ), required: false),
            Field::rows('ends', 'what has to hold', Input::of(
                Field::text('task', 'done by then'),
                Field::number('atMin', 'minute', -10000, 10000),
            ), required: false),
        );
    }

    public function output(): array
    {
        return [
            Field::any('starts', 'minute by task', ['type' => 'object']),
            Field::any('people', 'who does it, by task', ['type' => 'object']),
            Field::number('finishMin', 'all is done')->integer(),
            Field::any('slack', 'minutes left before an end, by its task; below 0: past it', ['type' => 'object']),
            Field::any('reserve', 'minutes wanted there', ['type' => 'object']),
            Field::any('chain', 'what an end hangs on, in order', ['type' => 'object']),
            Field::number('bound', 'no plan is done sooner')->integer(),
            Field::boolean('proven', 'nothing better can be; otherwise nothing better was found'),
            ...PlainFinding::fields(),
        ];
    }

    public function answer(Given $given): array
    {
        $people = array_map(
            fn (Given $h): Hand => new Hand(
                id: self::mark($h->text('id')),
                skills: self::words($h->rawOr('skills'), 'people.skills'),
                fromMin: self::whole($h, 'fromMin'),
                untilMin: self::whole($h, 'untilMin'),
            ),
            $given->rows('people'),
        );
        if ($people === []) {
            throw OutOfRange::field('people', Phrase::NobodyIsThere, Phrase::OneAtLeast);
        }
        $uses = [];
        foreach ($given->rows('uses') as $use) {
            $uses[self::mark($use->text('id'))] = (int) $use->number('count');
        }
        $ends = array_map(fn (Given $e): End => new End(self::mark($e->text('task')), (int) $e->number('atMin')), $given->rows('ends'));
        $day = Timetable::of(new Work(array_map(self::step(...), $given->rows('tasks')), $people, $uses, $ends));

        return [
            'starts' => self::plain($day->plan->starts),
            'people' => self::plain(array_map(self::unmarked(...), $day->plan->hands)),
            'finishMin' => $day->finishMin,
            'slack' => self::plain($day->slack),
            'reserve' => self::plain($day->reserve),
            'chain' => self::plain(array_map(self::unmarked(...), $day->chain)),
            'bound' => $day->boundMin,
            'proven' => $day->isProven,
            ...PlainFinding::judged($day->findings),
        ];
    }

    private static function whole(Given $of, string $field): ?int
    {
        $number = $of->numberOrNull($field);

        return $number === null ? null : (int) $number;
    }

    private static function step(Given $row): Step
    {
        return new Step(
            id: self::mark($row->text('id')),
            minutes: (int) ceil($row->number('minutes')),
            persons: (int) $row->number('persons'),
            skills: self::words($row->rawOr('skills'), 'tasks.skills'),
            uses: array_map(self::mark(...), self::words($row->rawOr('uses'), 'tasks.uses')),
            needs: array_map(
                fn (Given $n): Need => new Need(self::mark($n->text('id')), (int) $n->number('lagMin'), self::whole($n, 'maxLagMin')),
                $row->rows('needs'),
            ),
            fromMin: self::whole($row, 'fromMin'),
            toMin: self::whole($row, 'toMin'),
            label: $row->text('id'),
        );
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return list<string>
     */
    private static function words(array $given, string $field): array
    {
        foreach ($given as $word) {
            is_string($word) || throw OutOfRange::field($field, Phrase::HoldsWords, Phrase::AListOfWords);
        }

        return array_values(array_filter($given, is_string(...)));
    }

    private static function mark(string $name): string
    {
        return self::MARK.$name;
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function unmarked(array $names): array
    {
        return array_map(fn (string $n): string => substr($n, strlen(self::MARK)), $names);
    }

    /** @param  array<string, mixed>  $by */
    private static function plain(array $by): object
    {
        return (object) array_combine(self::unmarked(array_keys($by)), array_values($by));
    }
}
