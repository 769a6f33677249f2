<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Light;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Light\Fixture;
use Velbrin\Core\Light\LightDay;
use Velbrin\Core\Light\LightField;
use Velbrin\Core\Light\LightMap;
use Velbrin\Core\Light\MeasuredGrid;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Tests\Refuses;

/** A lamp read with a meter stands for its beam (B-50). */
final class MeasuredGridTest extends TestCase
{
    use Refuses;

    #[Test]
    public function it_reads_its_points_between_them_and_nothing_beside(): void
    {
        $grid = MeasuredGrid::parse("600 / 100: 0 40 0\n40 180, 40; 0 40 0");
        self::assertSame(
            [180.0, 40.0, 110.0, 0.0, 0.0],
            [$grid->at(0, 0), $grid->at(100, 0), $grid->at(0, 50), $grid->at(101, 0), $grid->at(0, -150)],
        );
        self::assertEqualsWithDelta((180 + 40 + 40 + 0) / 4, $grid->at(50, 50), 1e-9);
        self::assertSame($grid->text(), MeasuredGrid::parse($grid->text())->text());
    }

    #[Test]
    public function measured_under_a_known_beam_it_gives_that_beam_at_any_depth_it_reaches(): void
    {
        // The meter's readings are made from the formula: the grid must then say what the formula says, nearer and farther.
        $lamp = Fixture::of(0, 0, 500, 200, 40);
        $rows = array_map(
            fn (int $r): array => array_map(
                fn (int $c): float => LightField::par([$lamp], 50.0 * ($c - 12), 50.0 * ($r - 12), 0, 0, 0),
                range(0, 24),
            ),
            range(0, 24),
        );
        $grid = MeasuredGrid::of(500, 50, $rows);
        foreach ([[300, 0], [500, 200], [500, 450]] as [$above, $depth]) {
            [$told, $read] = [Fixture::of(700, 300, $above, 200, 40), Fixture::measured(700, 300, $above, $grid)];
            foreach ([[700, 300], [800, 300], [620, 380]] as [$x, $y]) {
                self::assertEqualsWithDelta(
                    1.0,
                    LightField::par([$read], $x, $y, $depth, 0.25) / LightField::par([$told], $x, $y, $depth, 0.25),
                    0.02,
                );
            }
        }
        self::assertEqualsWithDelta(
            LightField::par([Fixture::of(700, 300, 500, 200, 40)], 700, 300, 0, 0, 0),
            $grid->at(0, 0),
            1e-9,
        );
        self::assertLessThan(200.0, $grid->ppf());
        self::assertGreaterThan(150.0, $grid->ppf());
    }

    #[Test]
    public function a_map_adds_lamps_told_and_lamps_measured(): void
    {
        $grid = MeasuredGrid::parse('400 / 150: 20 60 20; 60 300 60; 20 60 20');
        [$told, $read] = [Fixture::of(300, 300, 250, 150, 45), Fixture::measured(900, 300, 250, $grid)];
        $map = fn (Fixture ...$f): LightMap => LightMap::of(array_values($f), 1200, 600, 200, 0.25, 24, 12);
        [$a, $b, $both] = [$map($told), $map($read), $map($told, $read)];
        foreach ($both->rows as $r => $row) {
            foreach ($row as $c => $par) {
                self::assertEqualsWithDelta(($a->rows[$r][$c] ?? 0) + ($b->rows[$r][$c] ?? 0), $par, 1e-9);
            }
        }
        self::assertEqualsWithDelta(LightField::par([$told, $read], 25, 25, 200, 0.25), $both->rows[0][0], 1e-9);
    }

    /** @return array<string, array{0: string}> */
    public static function wrong(): array
    {
        return [
            'no head' => ['12 40 12'],
            'a word' => ['600 / 100: 12 x; 1 2'],
            'rows of two lengths' => ['600 / 100: 1 2 3; 1 2'],
            'one row' => ['600 / 100: 1 2 3'],
            'a lamp in the face' => ['5 / 100: 1 2; 3 4'],
            'negative' => ['600 / 100: 1 -2; 3 4'],
        ];
    }

    #[Test]
    #[DataProvider('wrong')]
    public function a_grid_that_cannot_be_is_refused(string $text): void
    {
        $this->expectException(OutOfRange::class);
        MeasuredGrid::parse($text);
    }

    #[Test]
    public function a_refugium_is_lit_while_the_display_is_dark(): void
    {
        $day = LightDay::of(10, 20, 2, 0.8);
        $night = $day->reversed();
        self::assertNotNull($night);
        self::assertSame([20.0, 10.0, 14.0], [$night->fromH, $night->untilH, $night->hours()]);
        for ($hour = 0.25; $hour < 24; $hour += 0.5) {
            self::assertTrue($day->at($hour) === 0.0 || $night->at($hour) === 0.0, "both at {$hour}");
        }
        self::assertNull(LightDay::of(0, 24, 1)->reversed());
    }

    #[Test]
    public function a_grid_has_two_to_forty_one_readings_a_side(): void
    {
        $of = fn (int $rows, int $columns): ?string => self::refused(
            fn (): MeasuredGrid => MeasuredGrid::of(500, 50, array_fill(0, $rows, array_fill(0, $columns, 100.0))),
        );
        self::assertSame([null, null], [$of(2, 41), $of(41, 2)]);
        self::assertSame(array_fill(0, 4, 'grid'), [$of(2, 42), $of(42, 2), $of(1, 5), $of(5, 1)]);
    }
}
