<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\PlanAnswers;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Cabinet\Elsewhere;
use Velbrin\Core\Cabinet\Standing;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;

/** A plan’s cabinet as somebody built it: tolerance, frames and shelves, an L-shaped sump and what stands in it (B-98). */
final class CabinetAsBuiltTest extends TestCase
{
    /** The sump of the sound plan is 900 × 450 × 450. */
    private const CABINET = [
        'standInsideMm' => 740,
        'cabinetLengthMm' => 1200,
        'cabinetDepthMm' => 520,
        'doorWidthMm' => 1200,
        'doorHeightMm' => 720,
        'doorFromLeftMm' => 0,
        'cabinetTolMm' => 5,
    ];

    private const SHELF = ['name' => 'Top shelf', 'kind' => 'shelf', 'bottomMm' => 500, 'thickMm' => 18];

    /** @return iterable<string, array{0: float, 1: bool}> */
    public static function tight(): iterable
    {
        // 1 200 of length less 900 of sump leave 300; measured to within 5, 295.
        yield 'within the tolerance' => [295, false];
        yield 'only if the tape was right' => [296, true];
    }

    #[Test]
    #[DataProvider('tight')]
    public function what_stands_only_in_the_cabinet_as_measured_is_told(float $wideMm, bool $isTold): void
    {
        // As deep as the cabinet less its tolerance, so that it stands one way only.
        $can = ['name' => 'Can', 'widthMm' => $wideMm, 'depthMm' => 500, 'heightMm' => 400];
        $answers = SoundPlan::answer(self::CABINET, ['gear' => [$can]]);
        $told = self::rule($answers, 'B-98');

        self::assertTrue($answers->cabinet?->isClean());
        self::assertSame($isTold ? [Severity::Watch] : [], array_map(fn (Finding $f): Severity => $f->severity, $told));
        self::assertSame([], self::rule(SoundPlan::answer([...self::CABINET, 'cabinetTolMm' => 0], ['gear' => [$can]]), 'B-98'));
        if ($isTold) {
            self::assertStringContainsString('exactly as measured: Can', SoundPlan::said($told));
        }
    }

    #[Test]
    public function while_nobody_says_how_well_it_was_measured_five_millimetres_count(): void
    {
        $cabinet = array_diff_key(self::CABINET, ['cabinetTolMm' => 0]);
        $can = fn (float $wide): array => [
            'gear' => [['name' => 'Can', 'widthMm' => $wide, 'depthMm' => 500, 'heightMm' => 400]],
        ];
        self::assertSame([], self::rule(SoundPlan::answer($cabinet, $can(295)), 'B-98'));
        self::assertCount(1, self::rule(SoundPlan::answer($cabinet, $can(296)), 'B-98'));
    }

    #[Test]
    public function a_sump_alone_is_tried_in_a_cabinet_that_is_measured(): void
    {
        self::assertTrue(SoundPlan::answer(self::CABINET)->cabinet?->isClean());
        $low = SoundPlan::answer([...self::CABINET, 'doorHeightMm' => 440]);
        self::assertSame([Elsewhere::Door], array_values($low->cabinet->elsewhere ?? []));
        $unmeasured = array_diff_key(self::CABINET, ['doorHeightMm' => 0]);
        self::assertNull(SoundPlan::answer($unmeasured)->cabinet, 'nobody asks for a cabinet nothing is listed for');
    }

    /** @return iterable<string, array{0: float, 1: bool}> */
    public static function overTheRim(): iterable
    {
        // The rim is at 450, 10 are kept over it, the opening’s head is at 720.
        yield 'it clears the rim' => [260, true];
        yield 'it does not' => [261, false];
    }

    #[Test]
    #[DataProvider('overTheRim')]
    public function a_skimmer_in_the_sump_lifts_out_over_its_rim_or_it_is_told(float $highMm, bool $clears): void
    {
        $skimmer = ['name' => 'Skimmer', 'widthMm' => 200, 'depthMm' => 200, 'heightMm' => $highMm, 'chamber' => 2];
        $answers = SoundPlan::answer([...self::CABINET, 'cabinetTolMm' => 0], ['gear' => [$skimmer]]);
        $told = self::rule($answers, 'B-98');

        self::assertSame($clears, $told === []);
        self::assertSame([], self::rule($answers, 'B-62.out'));
        $standing = $answers->cabinet->each[0]->standing ?? [];
        $at = array_values(array_filter($standing, fn (Standing $s): bool => $s->piece->inSump !== null))[0];
        // The second chamber begins after the wall, 180 of the first and a baffle of 6.
        self::assertGreaterThanOrEqual($standing[0]->xMm + 8 + 186, $at->xMm);
        self::assertLessThanOrEqual($standing[0]->xMm + 8 + 186 + 300, $at->rightMm);
        if (! $clears) {
            self::assertSame(Severity::Fix, $told[0]->severity);
            self::assertStringContainsString('Skimmer does not lift out', SoundPlan::said($told));
            self::assertSame([721.0, 720.0], array_map(
                fn (string $part): float => $told[0]->why->parts[$part]->value ?? NAN,
                ['needs', 'has'],
            ));
        }
    }

    #[Test]
    public function a_chamber_or_a_shelf_that_is_not_there_is_refused_in_its_field(): void
    {
        $thing = ['name' => 'Can', 'widthMm' => 100, 'depthMm' => 100, 'heightMm' => 100];
        $field = fn (array $more, array $ledges = []): string => SoundPlan::answer(
            self::CABINET,
            ['gear' => [[...$thing, ...$more]], 'ledges' => $ledges],
        )->errors[0]->field ?? '';

        self::assertSame('', $field(['chamber' => 3]));
        self::assertSame('gear.0.chamber', $field(['chamber' => 4]));
        self::assertSame('gear.0.xMm', $field(['chamber' => 1, 'xMm' => 10, 'yMm' => 10]));
        self::assertSame('gear.0.shelf', $field(['shelf' => 1]));
        self::assertSame('', $field(['shelf' => 1], [self::SHELF]));
        self::assertSame('gear.0.shelf', $field(['shelf' => 1], [[...self::SHELF, 'kind' => 'frame']]));
        self::assertSame('ledges.0.in', $field([], [[...self::SHELF, 'in' => 2]]));
        self::assertSame('ledges.0.bottomMm', $field([], [[...self::SHELF, 'bottomMm' => 741]]));
        self::assertSame('', $field([], [[...self::SHELF, 'bottomMm' => 740]]));
        self::assertSame('ledges.0.xMm', $field([], [[...self::SHELF, 'xMm' => 1201]]));
    }

    /** @return iterable<string, array{0: float|null, 1: float|null, 2: Severity|null}> */
    public static function shelves(): iterable
    {
        yield 'as much as it bears' => [12, 12, null];
        yield 'a little more' => [12.1, 12, Severity::Fix];
        yield 'nobody weighed it' => [null, 12, Severity::Watch];
        yield 'nobody asked what it bears' => [12, null, Severity::Watch];
    }

    #[Test]
    #[DataProvider('shelves')]
    public function what_stands_on_a_shelf_is_held_against_what_it_bears(?float $kg, ?float $bears, ?Severity $said): void
    {
        $can = ['name' => 'Can', 'widthMm' => 200, 'depthMm' => 200, 'heightMm' => 150, 'shelf' => 1, 'massKg' => $kg];
        $answers = SoundPlan::answer(self::CABINET, ['gear' => [$can], 'ledges' => [[...self::SHELF, 'bearsKg' => $bears]]]);
        $told = self::rule($answers, 'B-98');

        self::assertSame($said === null ? [] : [$said], array_map(fn (Finding $f): Severity => $f->severity, $told));
        self::assertTrue($answers->cabinet?->isClean());
    }

    #[Test]
    public function a_row_that_was_set_aside_never_makes_a_cabinet_fine(): void
    {
        $can = ['name' => 'Can', 'widthMm' => 200, 'depthMm' => 200, 'heightMm' => 150];
        $fine = fn (array $tables): array => array_filter(
            self::rule(SoundPlan::answer(self::CABINET, ['gear' => [$can], ...$tables]), 'B-62'),
            fn (Finding $f): bool => $f->severity === Severity::Fine,
        );
        self::assertNotSame([], $fine([]));
        self::assertNotSame([], $fine(['ledges' => [self::SHELF]]));
        self::assertSame([], $fine(['ledges' => [[...self::SHELF, 'thickMm' => 0]]]));
        self::assertSame([], $fine(['gear' => [$can, [...$can, 'heightMm' => 9]]]));
    }

    #[Test]
    public function a_place_chosen_by_hand_through_a_frame_is_told(): void
    {
        $frame = ['kind' => 'frame', 'bottomMm' => 0, 'thickMm' => 700, 'xMm' => 950, 'lengthMm' => 50, 'yMm' => 0, 'depthMm' => 50];
        $can = fn (float $x): array => ['name' => 'Can', 'widthMm' => 150, 'depthMm' => 200, 'heightMm' => 150, 'xMm' => $x, 'yMm' => 0];
        $told = fn (float $x): array => self::rule(SoundPlan::answer(self::CABINET, ['gear' => [$can($x)], 'ledges' => [$frame]]), 'B-98');

        self::assertStringContainsString('Can stands through', SoundPlan::said($told(999)));
        self::assertStringNotContainsString('Can stands through', SoundPlan::said($told(1000)));
    }

    #[Test]
    public function an_l_shaped_sump_holds_less_and_leaves_room_beside_it(): void
    {
        $cut = ['sumpCutLengthMm' => 300, 'sumpCutDepthMm' => 200, 'sumpCutAt' => 'front-right'];
        $box = SumpWater::of(Facts::of(SoundPlan::brief()));
        $l = SumpWater::of(Facts::of(SoundPlan::brief($cut)));
        // Inside 884 × 434. The cut takes 300 × 200 of it, all of that from the return chamber (392 long).
        self::assertEqualsWithDelta(0.06, $box->areaM2() - $l->areaM2(), 1e-9);
        self::assertEqualsWithDelta(0.06, $box->returnChamber()->areaM2 - $l->returnChamber()->areaM2, 1e-9);
        self::assertEqualsWithDelta(12.0, $box->waterL() - $l->waterL(), 1e-9);
        self::assertLessThan($box->spareL(), $l->spareL(), 'a power cut finds less room');
        $outside = 0.9 * 0.45 - 0.3 * 0.2;
        self::assertEqualsWithDelta($outside, $l->vessel->footprint->outerAreaM2(), 1e-9);
        // At the other end it takes the intake whole and 114 of the next: 300 less 180 and the baffle of 6.
        $left = SumpWater::of(Facts::of(SoundPlan::brief([...$cut, 'sumpCutAt' => 'back-left'])));
        self::assertEqualsWithDelta(0.18 * 0.234, $left->chambers[0]->areaM2, 1e-9);
        self::assertEqualsWithDelta(0.3 * 0.434 - 0.114 * 0.2, $left->chambers[1]->areaM2, 1e-9);
        self::assertGreaterThan($l->chambers[0]->levelMm, $left->chambers[0]->levelMm, 'a narrower edge stands higher');

        // Low enough that the sump is lifted over it: 720 less 450 less 10.
        $can = ['name' => 'Can', 'widthMm' => 300, 'depthMm' => 200, 'heightMm' => 260];
        $cabinet = ['cabinetLengthMm' => 900, 'doorWidthMm' => 900, 'doorFromLeftMm' => 0, 'cabinetDepthMm' => 450, 'cabinetTolMm' => 0];
        $fits = SoundPlan::answer([...self::CABINET, ...$cabinet, ...$cut], ['gear' => [$can]]);
        self::assertTrue($fits->cabinet?->isClean());
        $none = SoundPlan::answer([...self::CABINET, ...$cabinet], ['gear' => [$can]]);
        self::assertSame([Elsewhere::NoFloorLeft], array_values($none->cabinet->elsewhere ?? []));
    }

    #[Test]
    public function a_cut_that_leaves_no_sump_is_refused_and_half_a_cut_is_asked_for(): void
    {
        $errors = fn (float $along, float $deep): array => array_map(
            fn ($e): string => $e->field,
            SoundPlan::answer(['sumpCutLengthMm' => $along, 'sumpCutDepthMm' => $deep, 'sumpCutAt' => 'front-left'])->errors,
        );
        // Three walls of 8 are left at least.
        self::assertNotContains('sumpCutLengthMm', $errors(876, 200));
        self::assertContains('sumpCutLengthMm', $errors(877, 200));
        self::assertNotContains('sumpCutDepthMm', $errors(300, 426));
        self::assertContains('sumpCutDepthMm', $errors(300, 427));
        $half = SoundPlan::answer(['sumpCutLengthMm' => 300]);
        self::assertNull($half->figure('systemL')?->quantity);
    }

    /** @return list<Finding> */
    private static function rule(PlanAnswers $answers, string $rule): array
    {
        return SoundPlan::of($answers, $rule);
    }
}
