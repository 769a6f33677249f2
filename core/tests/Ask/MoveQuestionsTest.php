<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Ask;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The questions of moving, asked as a script would. */
final class MoveQuestionsTest extends TestCase
{
    use AsksTheDesk;

    #[Test]
    public function a_timetable_is_asked_with_any_names_and_says_what_it_hangs_on(): void
    {
        $answer = self::ask('move-timetable', [
            'tasks' => [
                ['id' => '1', 'minutes' => 30, 'persons' => 2],
                ['id' => '2', 'minutes' => 40, 'uses' => ['truck'], 'needs' => [['id' => '1']]],
                ['id' => 'sweep', 'minutes' => 20, 'needs' => [['id' => '1', 'lagMin' => 5]]],
            ],
            'people' => [['id' => 'ada'], ['id' => 'bo', 'skills' => ['driving']]],
            'uses' => [['id' => 'truck', 'count' => 1]],
            'ends' => [['task' => '2', 'atMin' => 60]],
        ]);
        self::assertSame(['1' => 0, '2' => 30, 'sweep' => 35], $answer['starts']);
        self::assertSame([70, 70, true], [$answer['finishMin'], $answer['bound'], $answer['proven']]);
        self::assertSame([['2' => -10], ['2' => ['1', '2']]], [$answer['slack'], $answer['chain']]);
        self::assertEqualsWithDelta(20, $answer['reserve']['2'], 1e-9);
        self::assertSame(['stop'], array_column($answer['findings'], 'severity'));
        self::assertSame(['ada'], $answer['people']['2']);
        $refused = fn (array $given): string => self::refused('move-timetable', $given);
        $people = ['people' => [['id' => 'b']]];
        $one = fn (array $with): array => ['tasks' => [['id' => 'a', 'minutes' => 5] + $with]] + $people;
        self::assertStringContainsString('"tasks"', $refused($one(['skills' => ['lifting']])));
        self::assertStringContainsString('"people"', $refused(['tasks' => [], 'people' => []]));
        self::assertStringContainsString('skills', $refused($one(['skills' => [7]])));
    }

    #[Test]
    public function waters_risers_and_minutes_are_asked(): void
    {
        $jump = self::ask('water-jump', ['oldL' => 200, 'newL' => 400, 'old' => ['alk' => 7.5], 'fresh' => ['alk' => 8.4],
            'limits' => ['alk' => 0.5]]);
        self::assertEqualsWithDelta(8.25, $jump['freshMost']['alk'], 1e-9);
        self::assertSame(['alk'], $jump['over']);
        self::assertEqualsWithDelta(1.2566, self::ask('riser-litres', ['boreMm' => 40, 'lengthMm' => 1000])['litres'], 1e-4);
        $way = ['fromC' => 25, 'toC' => 23, 'fromSalinity' => 35, 'toSalinity' => 35, 'fromPh' => 7.4, 'toPh' => 8.2, 'totalMgL' => 1];
        $answer = self::ask('acclimation', $way);
        self::assertEqualsWithDelta(120, $answer['minutes'], 1e-6);
        self::assertTrue($answer['straight']);
    }
}
