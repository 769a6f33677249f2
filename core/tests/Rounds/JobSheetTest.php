<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Rounds;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Velbrin\Core\Rounds\BuildJobs;
use Velbrin\Core\Rounds\JobSheet;
use Velbrin\Core\Rounds\SheetStep;
use Velbrin\Core\Rounds\SiteDoes;
use Velbrin\Core\Rounds\SiteStep;
use Velbrin\Core\Rounds\TaskLibrary;

/** A place's own way beside the company's sheet: shown as a difference, never lost (P-22). */
final class JobSheetTest extends TestCase
{
    private const SHEET = ['Scrape away from the sand', 'Corners and behind the overflow', 'Wipe outside'];

    #[Test]
    public function differences_stand_at_their_step_with_the_sheets_own_words(): void
    {
        $at = JobSheet::at(
            self::SHEET,
            [
                new SiteStep(0, SiteDoes::Instead, 'Plastic blade only', 'acrylic', 7),
                new SiteStep(1, SiteDoes::After, 'Lift the net first', 'wrasse'),
                new SiteStep(2, SiteDoes::Skip, '', 'the cleaner does it'),
            ],
            [1 => 5],
        );
        self::assertSame(
            ['Plastic blade only', 'Corners and behind the overflow', 'Lift the net first', 'Wipe outside'],
            array_map(fn (SheetStep $s): string => $s->text, $at),
        );
        self::assertSame(
            ['Scrape away from the sand', null, '', 'Wipe outside'],
            array_map(fn (SheetStep $s): ?string => $s->was, $at),
        );
        self::assertSame([7, null, null, null], array_map(fn (SheetStep $s): ?int => $s->photo, $at));
        self::assertSame([null, 5, null, null], array_map(fn (SheetStep $s): ?int => $s->product, $at));
        self::assertSame([false, false, false, true], array_map(fn (SheetStep $s): bool => $s->left, $at));
    }

    #[Test]
    public function a_difference_whose_step_is_gone_stays_and_says_so(): void
    {
        $at = JobSheet::at(['Wipe outside'], [new SiteStep(2, SiteDoes::Instead, 'Plastic blade only', 'acrylic')]);
        self::assertTrue($at[1]->adrift);
        self::assertSame('Plastic blade only', $at[1]->text);
    }

    #[Test]
    public function in_random_sheets_each_step_and_each_difference_stands_exactly_once(): void
    {
        $chance = new Randomizer(new Mt19937(31));
        for ($i = 0; $i < 300; $i++) {
            $steps = array_map(fn (int $n): string => "step {$n}", range(0, $chance->getInt(0, 6)));
            $own = [];
            for ($n = $chance->getInt(0, 6); $n > 0; $n--) {
                $own[] = new SiteStep(
                    $chance->getInt(0, 8),
                    SiteDoes::cases()[$chance->getInt(0, 2)],
                    "own {$n}",
                    "why {$n}",
                );
            }
            $at = JobSheet::at($steps, $own);
            foreach ($steps as $step) {
                self::assertCount(
                    1,
                    array_filter($at, fn (SheetStep $s): bool => $s->text === $step || $s->was === $step),
                );
            }
            foreach ($own as $difference) {
                self::assertCount(1, array_filter($at, fn (SheetStep $s): bool => $s->why === $difference->why));
            }
        }
    }

    #[Test]
    public function a_sheet_of_a_build_says_what_for_when_not_with_what_and_how_it_is_proved(): void
    {
        $stages = [
            'survey',
            'structure',
            'ordered',
            'fabricated',
            'leak-test',
            'set',
            'plumbed',
            'electrics',
            'lights',
            'filled',
            'scape',
            'rehearsal',
            'alarms',
            'cycle',
            'animals',
            'handover',
        ];
        $service = array_column(TaskLibrary::all(), 'key');
        foreach (BuildJobs::all() as $sheet) {
            self::assertTrue($sheet->build);
            foreach ([$sheet->purpose, $sheet->whenNot, $sheet->proof, $sheet->record] as $words) {
                self::assertNotSame('', $words, $sheet->key);
            }
            self::assertGreaterThanOrEqual(5, count($sheet->steps), $sheet->key);
            self::assertNotEmpty($sheet->cautions, $sheet->key);
            self::assertNotEmpty($sheet->tools, $sheet->key);
            self::assertNotContains($sheet->key, $service, 'one key, one sheet');
            self::assertTrue($sheet->stage === null || in_array($sheet->stage, $stages, true), $sheet->key);
        }
        self::assertSame(['drill-glass' => 'Drill a hole in glass'], BuildJobs::at('fabricated'));
        self::assertSame([], BuildJobs::at('handover'));
        self::assertCount(count(BuildJobs::all()), array_unique(array_column(BuildJobs::all(), 'key')));
    }

    #[Test]
    public function the_differences_of_two_versions_make_the_one_out_of_the_other(): void
    {
        self::assertSame(
            [['=', 'a'], ['−', 'b'], ['+', 'x'], ['=', 'c'], ['+', 'd']],
            JobSheet::differences(['a', 'b', 'c'], ['a', 'x', 'c', 'd']),
        );
        $chance = new Randomizer(new Mt19937(32));
        for ($i = 0; $i < 300; $i++) {
            [$old, $new] = array_map(
                fn (): array => array_map(
                    fn (): string => 'abcdef'[$chance->getInt(0, 5)],
                    array_fill(0, $chance->getInt(0, 7), 0),
                ),
                [0, 1],
            );
            $lines = JobSheet::differences($old, $new);
            self::assertSame(
                $new,
                array_values(array_column(array_filter($lines, fn (array $l): bool => $l[0] !== '−'), 1)),
            );
            self::assertSame(
                $old,
                array_values(array_column(array_filter($lines, fn (array $l): bool => $l[0] !== '+'), 1)),
            );
        }
    }
}
