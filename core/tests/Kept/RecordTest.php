<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Kept;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Ask\Desk;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Light\LightMap;
use Velbrin\Core\Tests\Ask\RangesTest;
use Velbrin\Core\Tests\Build\SilenceTest;
use Velbrin\Core\Tests\Build\SoundPlan;
use Velbrin\Core\Tests\Share;

/** Nothing answers otherwise than it did, but where somebody meant it to. */
#[Group('beside')]
final class RecordTest extends TestCase
{
    private const MADE = 'made up';

    private const MADE_UP = 24;

    private const OF_A_GROUP = 3;

    /** How often the numbers of a question are moved; less where an answer takes long. */
    private const OFTEN = 10;

    private const SELDOM = ['simulate', 'move-timetable', 'running-year', 'measures', 'programme-check', 'plan', 'storm'];

    #[Test]
    public function plans_of_every_kind_are_answered_as_they_were(): void
    {
        $sound = self::answered(SoundPlan::answer());
        $now = ['sound' => $sound];
        foreach (self::plans() as $name => $plan) {
            $answers = SoundPlan::answer($plan[0], $plan[1] ?? []);
            $flat = str_starts_with($name, self::MADE) ? self::said($answers) : self::answered($answers);
            // Of the others what differs from the sound one, and what they lack of it.
            $now[$name] = array_diff_assoc(self::words($flat), self::words($sound))
                + array_fill_keys(array_keys(array_diff_key(self::said(SoundPlan::answer()), $flat)), 'gone');
        }
        self::assertSame([], array_slice(Record::moved(__DIR__.'/plans.json.gz', $now), 0, 25));
    }

    #[Test]
    public function questions_are_answered_as_they_were_whatever_their_numbers(): void
    {
        $now = [];
        foreach (self::inputs() as $name => $inputs) {
            foreach ($inputs as $n => $input) {
                $often = in_array($name, self::SELDOM, true) ? 1 : self::OFTEN;
                for ($seed = 0; $seed <= $often; $seed++) {
                    $asked = self::stirred($input, $seed, "{$name} {$n}");
                    [$json] = (new Desk())->ask($name, (string) json_encode($asked, JSON_PRESERVE_ZERO_FRACTION));
                    $now["{$name} {$n}.{$seed}"] = Record::flat(json_decode($json, true));
                }
            }
        }
        self::assertSame([], array_slice(Record::moved(__DIR__.'/questions.json.gz', $now), 0, 25));
    }

    /** @return iterable<string, array{0: array<string, mixed>, 1?: array<string, list<array<string, mixed>>>}> */
    private static function plans(): iterable
    {
        yield from SilenceTest::plans();
        for ($seed = 1; $seed <= Share::of(self::MADE_UP, 6); $seed++) {
            yield self::MADE." {$seed}" => MadeUpPlans::of($seed);
        }
        foreach (array_unique(array_column(PlanSheet::fields(), 'group')) as $group) {
            for ($seed = 1; $seed <= Share::of(self::OF_A_GROUP, 1); $seed++) {
                yield self::MADE.", {$group} {$seed}" => [MadeUpPlans::group($group, $seed)];
            }
        }
    }

    /** @return array<string, int|float|string|bool|null> */
    private static function answered(PlanAnswers $answers): array
    {
        $all = get_object_vars($answers);
        $all['light'] = array_map(self::map(...), $answers->light);

        return Record::flat($all);
    }

    /** @return array<string, int|float|string|bool|null> the same without what is drawn */
    private static function said(PlanAnswers $answers): array
    {
        return Record::flat(array_intersect_key(
            get_object_vars($answers),
            array_flip(['figures', 'findings', 'open', 'errors']),
        ));
    }

    /** @return array<string, mixed> a map by what it amounts to and a few of its points */
    private static function map(LightMap $map): array
    {
        $rows = array_map(fn (array $row): array => array_slice($row, 0, 3), array_slice($map->rows, 0, 3));

        return [...array_diff_key(get_object_vars($map), ['rows' => true]), 'rows' => $rows, 'shares' => $map->groupSharePct()];
    }

    /**
     * @param  array<string, int|float|string|bool|null>  $flat
     * @return array<string, string>
     */
    private static function words(array $flat): array
    {
        return array_map(fn (mixed $v): string => (string) json_encode($v, JSON_PRESERVE_ZERO_FRACTION), $flat);
    }

    /** @return array<string, list<array<string, mixed>>> by question: as somebody would ask it, or what its schema would take */
    private static function inputs(): array
    {
        $inputs = json_decode((string) file_get_contents(__DIR__.'/inputs.json'), true, 64, JSON_THROW_ON_ERROR);
        foreach (array_keys(Desk::QUESTIONS) as $name) {
            $inputs[$name] ??= array_map(RangesTest::plausible(...), RangesTest::variants($name));
        }

        return $inputs;
    }

    /** Every number moved by up to a third, the same way each time; whole ones stay whole. */
    public static function stirred(mixed $value, int $seed, string $where): mixed
    {
        if (is_array($value)) {
            $stirred = [];
            foreach ($value as $key => $one) {
                $stirred[$key] = self::stirred($one, $seed, "{$where}.{$key}");
            }

            return $stirred;
        }
        if ($seed === 0 || (! is_int($value) && ! is_float($value))) {
            return $value;
        }
        $moved = $value * (1 + ((crc32("{$where} {$seed}") % 2001) / 1000 - 1) / 3);

        return is_int($value) ? (int) round($moved) : $moved;
    }
}
