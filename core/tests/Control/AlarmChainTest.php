<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Control;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Ask\Desk;
use Velbrin\Core\Control\AlarmChain;
use Velbrin\Core\Measure\OutOfRange;

/** Who is called while nobody answers. */
final class AlarmChainTest extends TestCase
{
    private const STEPS = [['who' => 'Ines', 'waitS' => 120.0], ['who' => 'Jory', 'waitS' => 180.0]];

    /** @return list<string> */
    private static function says(AlarmChain $chain): array
    {
        return array_map(fn (array $c): string => round($c['atS'])." {$c['who']} {$c['round']}", $chain->calls);
    }

    /** @param  list<string>  $expected */
    #[Test]
    #[DataProvider('chains')]
    public function one_after_the_other_then_again_then_the_roster_then_the_owner(array $more, array $expected): void
    {
        self::assertSame($expected, self::says(AlarmChain::walk(...['steps' => self::STEPS, ...$more])));
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function chains(): iterable
    {
        $both = ['roster' => 'Noor', 'owner' => 'Marit'];
        yield 'nobody answers' => [$both, ['0 Ines 1', '120 Jory 1', '420 Ines 2', '540 Jory 2', '840 Noor 3', '1140 Marit 3']];
        yield 'the first is away' => [['away' => ['Ines']] + $both, ['0 Jory 1', '300 Jory 2', '600 Noor 3', '900 Marit 3']];
        yield 'all are away' => [['away' => ['Ines', 'Jory']] + $both, ['0 Noor 3', '300 Marit 3']];
        yield 'the owner is on the roster' => [['away' => ['Ines', 'Jory'], 'roster' => 'Marit', 'owner' => 'Marit'], ['0 Marit 3']];
        yield 'a channel that fails hands on at once' => [
            ['steps' => [['who' => 'Ines', 'waitS' => 120.0, 'fails' => true], self::STEPS[1]]],
            ['0 Ines 1', '0 Jory 1', '300 Ines 2', '300 Jory 2'],
        ];
        yield 'an answer ends it' => [['answerS' => 119.0] + $both, ['0 Ines 1']];
        yield 'an answer in the moment the next is called' => [['answerS' => 120.0] + $both, ['0 Ines 1', '120 Jory 1']];
        yield 'a chain of nobody' => [['steps' => []], []];
    }

    #[Test]
    public function who_answers_is_who_was_called_last_and_a_chain_of_nobody_reaches_nobody(): void
    {
        self::assertSame('Jory', AlarmChain::walk(self::STEPS, answerS: 200.0)->answeredBy);
        self::assertNull(AlarmChain::walk(self::STEPS)->answeredBy);
        self::assertFalse(AlarmChain::walk(self::STEPS, away: ['Ines', 'Jory'])->reachesSomebody());
        $this->expectException(OutOfRange::class);
        AlarmChain::walk([['who' => 'Ines', 'waitS' => -1.0]]);
    }

    #[Test]
    public function an_earlier_answer_never_brings_more_calls(): void
    {
        $before = 0;
        for ($s = 0.0; $s < 1500; $s += 7) {
            $calls = count(AlarmChain::walk(self::STEPS, roster: 'Noor', owner: 'Marit', answerS: $s)->calls);
            self::assertGreaterThanOrEqual($before, $calls);
            $before = $calls;
        }
        self::assertSame(6, $before);
    }

    #[Test]
    public function it_is_asked_headless(): void
    {
        [$answer] = (new Desk())->ask('alarm-chain', '{"steps": [{"who": "Ines", "waitS": 120}], "away": ["Ines"], "owner": "Marit"}');
        $read = json_decode($answer, true);
        self::assertSame([true, 'Marit'], [$read['reachesSomebody'], $read['calls'][0]['who']]);
    }
}
