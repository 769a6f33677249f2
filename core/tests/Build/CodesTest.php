<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Check;
use Velbrin\Core\Build\Plan;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** What a Stop is called hangs on its question and its row, never on its words. */
final class CodesTest extends TestCase
{
    /** @return iterable<string, array{0: array<string, mixed>, 1?: array<string, list<array<string, mixed>>>}> */
    public static function plans(): iterable
    {
        yield from SilenceTest::plans();
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<array<string, mixed>>>  $tables
     */
    #[Test]
    #[DataProvider('plans')]
    public function every_stop_has_a_code_and_no_two_findings_share_a_key(array $values, array $tables = []): void
    {
        $findings = Plan::findings(SoundPlan::brief($values, $tables));
        $checks = array_map(fn (Check $c): string => $c->key, Plan::checks());
        foreach ($findings as $finding) {
            if ($finding->severity === Severity::Stop) {
                self::assertContains($finding->code, $checks, $finding->what->template);
                self::assertStringStartsWith((string) $finding->code, $finding->key());
            }
            self::assertLessThanOrEqual(80, strlen($finding->key()));
            self::assertTrue($finding->isCalled($finding->key()) && $finding->isCalled($finding->voice()));
            self::assertFalse($finding->isCalled(''));
        }
        $keys = array_map(fn (Finding $f): string => $f->key(), $findings);
        self::assertSame($keys, array_values(array_unique($keys)));
    }

    #[Test]
    public function another_wording_changes_no_key_and_another_row_does(): void
    {
        $said = fn (string $words, ?string $subject, string $name = 'x'): Finding => Finding::of(
            Severity::Stop,
            'B-2',
            'access',
            Sentence::kept($words, ['name' => $name]),
            Sentence::kept('Why.', []),
            subject: $subject,
        )->answering('B-2.way-in');
        self::assertSame($said('{name} is too small', null)->key(), $said('It does not fit: {name}', null, 'y')->key());
        self::assertSame('B-2.way-in', $said('{name}', null)->key());
        self::assertSame($said('{name}', 'row 7')->key(), $said('no {name}', 'row 7', 'another name')->key());
        self::assertNotSame($said('{name}', 'row 7')->key(), $said('{name}', 'row 8')->key());
        self::assertNotSame($said('a', null)->voice(), $said('b', null)->voice(), 'words are heard by their voice');
    }

    #[Test]
    public function each_piece_and_each_passage_is_objected_to_by_itself(): void
    {
        $stops = SoundPlan::of(
            SoundPlan::answer([], [
                'passages' => [
                    ['name' => 'hatch', 'widthMm' => 300, 'heightMm' => 400],
                    ['name' => 'stair', 'widthMm' => 300, 'heightMm' => 400],
                ],
            ]),
            'B-2',
        );
        self::assertCount(4, array_filter($stops, fn (Finding $f): bool => $f->severity === Severity::Stop), 'two pieces, two places');
        self::assertCount(4, array_unique(array_map(fn (Finding $f): string => $f->key(), $stops)));
    }

    #[Test]
    public function a_row_with_an_id_is_the_same_row_whatever_it_is_called_and_wherever_it_stands(): void
    {
        $keys = function (array ...$passages): array {
            $stops = SoundPlan::of(SoundPlan::answer([], ['passages' => $passages]), 'B-2');
            $keys = array_map(
                fn (Finding $f): string => $f->key(),
                array_filter($stops, fn (Finding $f): bool => $f->severity === Severity::Stop),
            );
            sort($keys);

            return $keys;
        };
        $hatch = ['id' => 'passage-3', 'name' => 'hatch', 'widthMm' => 300, 'heightMm' => 400];
        $stair = ['id' => 'passage-9', 'name' => 'stair', 'widthMm' => 310, 'heightMm' => 400];
        self::assertSame($keys($hatch, $stair), $keys([...$stair, 'name' => 'steps'], [...$hatch, 'name' => 'trapdoor']));
        self::assertSame([], array_intersect($keys($hatch), $keys($stair)));
        $nameless = array_diff_key($hatch, ['id' => 1]);
        self::assertNotSame($keys($nameless), $keys([...$nameless, 'name' => 'trapdoor']), 'without an id it is its name');
    }
}
