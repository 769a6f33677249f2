<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Moves;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Moves\BeforeMove;
use Velbrin\Core\Moves\Brief\MoveReader;

/** What comes in the weeks before a move (M-2). */
final class BeforeMoveTest extends TestCase
{
    private const ALL = [
        'pieces' => [
            ['id' => 'p1', 'kind' => 'sand', 'label' => 'sand', 'lengthMm' => 400, 'widthMm' => 300, 'heightMm' => 300, 'kg' => 24],
        ],
        'animals' => [['id' => 'a1', 'label' => 'tang', 'count' => 1, 'lengthCm' => 18]],
        'waters' => ['oldL' => 200, 'newL' => 199.2],
    ];

    #[Test]
    public function it_comes_in_time_and_the_sand_in_thirds(): void
    {
        $due = self::due('house', self::ALL);
        self::assertSame(['decide', 'sand-1', 'sand-2', 'sand-3', 'photos', 'feed', 'water'], array_keys($due));
        self::assertSame(array_values(array_diff(BeforeMove::CODES, ['order'])), array_keys($due));
        self::assertSame([21, 14, 7], array_map(fn (int $n): int => $due["sand-{$n}"]->dueDay, [1, 2, 3]));
        self::assertSame([24, 17, 10], array_map(fn (int $n): int => $due["sand-{$n}"]->fromDay, [1, 2, 3]));
        self::assertSame([18, 11, 4], array_map(fn (int $n): int => $due["sand-{$n}"]->latestDay, [1, 2, 3]));
        self::assertSame([20, 20, 20], array_map(fn (int $n): int => $due["sand-{$n}"]->minutes, [1, 2, 3]));
        self::assertStringStartsWith('200 L', $due['water']->text, 'rounded up');
        foreach ($due as $job) {
            self::assertGreaterThanOrEqual($job->dueDay, $job->fromDay, $job->code);
            self::assertLessThanOrEqual($job->dueDay, $job->latestDay, $job->code);
            self::assertGreaterThan(0, $job->latestDay, 'before the day');
        }
        for ($n = 1; $n < 3; $n++) {
            $next = $n + 1;
            self::assertGreaterThan($due["sand-{$next}"]->fromDay, $due["sand-{$n}"]->latestDay, 'two thirds are never taken at once');
        }
    }

    #[Test]
    public function what_takes_longest_says_when_all_of_it_is_ordered(): void
    {
        $piece = fn (string $id, string $fate, ?float $days): array => ['id' => $id, 'label' => $id, 'kind' => 'gear', 'fate' => $fate,
            'leadDays' => $days];
        $order = fn (array ...$pieces): ?BeforeMove => self::due('house', ['pieces' => array_map(
            fn (array $p): array => array_filter($p, fn (mixed $v): bool => $v !== null),
            $pieces,
        )])['order'] ?? null;
        $rides = [$piece('doser', 'reuse', 90), $piece('lid', 'sell', 90)];
        $job = $order($piece('pump', 'replace', 21), $piece('skimmer', 'service', 5), ...$rides);
        self::assertSame([35, 24, 21, 20], [$job?->fromDay, $job?->dueDay, $job?->latestDay, $job?->minutes]);
        self::assertSame('ordered or sent in: pump (21 days), skimmer (5 days).', $job?->text);
        self::assertNull($order($piece('pump', 'replace', null)));
        self::assertSame(1, $order($piece('pump', 'replace', 0))?->latestDay, 'before the day');
    }

    #[Test]
    public function what_is_not_there_asks_for_nothing(): void
    {
        self::assertSame(['decide', 'photos'], array_keys(self::due('house', [])));
        self::assertSame(['decide'], array_keys(self::due('house', [], ['places'])), 'photographed already');
        self::assertSame(['decide', 'photos', 'water'], array_keys(self::due('house', ['waters' => ['oldL' => 0, 'newL' => 1]])));
        self::assertSame(['decide', 'photos'], array_keys(self::due('house', ['waters' => ['oldL' => 1, 'newL' => 0]])));
        self::assertSame(['decide', 'feed'], array_keys(self::due('removal', self::ALL)), 'nothing of it is set up again');
    }

    /**
     * @param  array<string, mixed>  $with
     * @param  list<string>  $photographed
     * @return array<string, BeforeMove>
     */
    private static function due(string $kind, array $with, array $photographed = []): array
    {
        $brief = MoveReader::read(['schema' => MoveReader::SCHEMA, 'kind' => $kind, ...$with], photographed: $photographed);

        return array_column(BeforeMove::due($brief), null, 'code');
    }
}
