<?php

declare(strict_types=1);

namespace Tests\Build;

use App\Build\PlanReader;
use App\Build\PlanVersion;
use GdImage;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;
use Tests\Fixture;
use Tests\TestCase;

/** A drilling template is worth nothing unless paper and plan agree to the millimetre. */
final class HoleTemplateTest extends TestCase
{
    /** At 254 dots an inch ten pixels are a millimetre. */
    private const DPI = 254;

    #[Test]
    public function ruler_edge_and_hole_measure_true_on_paper(): void
    {
        $planner = self::user('planner');
        $plan = Fixture::plan(self::site(), $planner, ['toughened' => 'none']);
        $hole = fn (string $name, float $x, float $d): array => [
            'name' => $name,
            'pane' => 'back',
            'xMm' => $x,
            'yMm' => 470.0,
            'diameterMm' => $d,
        ];
        $plan->update([
            'draft' => [
                ...$plan->draft,
                'holes' => [$hole('main drain', 80.0, 50.0), $hole('', 180.0, 40.0), $hole('', 900.0, 40.0)],
            ],
        ]);
        $keep = fn (int $number): PlanVersion => PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => $number,
            'brief' => PlanReader::raw($plan),
            'core_version' => '1',
            'user_id' => $planner->id,
        ]);
        $version = $keep(1);
        $this->actingAs(self::user('technician'));
        $pdf = (string) $this->get("/plan-versions/{$version->id}/holes.pdf")
            ->assertOk()
            ->getContent();

        $text = self::convert(['pdftotext', '-layout', '-', '-'], $pdf);
        self::assertMatchesRegularExpression(
            '/1, main drain: hole 50\s?mm; centre 80\s?mm from the left edge, 470\s?mm up/u',
            $text,
        );
        self::assertStringContainsString('sheet 2 of 2', $text, 'the third hole is too far away for the first sheet');

        $page = imagecreatefromstring(
            self::convert(['pdftoppm', '-png', '-gray', '-r', (string) self::DPI, '-f', '1', '-l', '1', '-'], $pdf),
        );
        self::assertInstanceOf(GdImage::class, $page);
        [$ruler] = self::rows($page, 92, 108);
        [$edge] = self::rows($page, 165, 180);
        $arms = array_values(array_filter(self::rows($page, 60, 72), fn (array $r): bool => $r['y'] > $edge['y']))[0];
        self::assertEqualsWithDelta(100.0, $ruler['long'], 0.3, 'the ruler');
        self::assertEqualsWithDelta(
            550.0 - 470.0,
            $arms['y'] - $edge['y'],
            0.3,
            'from the upper edge of the pane to the hole’s centre',
        );
        self::assertEqualsWithDelta(25.0, self::darkFrom($page, $arms['x'], $arms['y']), 0.3, 'the hole’s radius');
        self::assertEqualsWithDelta(
            20.0,
            self::darkFrom($page, $arms['x'] + 100, $arms['y']),
            0.3,
            'the next hole, a hundred to the right',
        );

        $plan->update(['draft' => [...$plan->draft, 'holes' => []]]);
        $bare = $keep(2);
        $this->get("/plan-versions/{$bare->id}/holes.pdf")->assertRedirect("/plan-versions/{$bare->id}");
    }

    /** @param  list<string>  $command */
    private static function convert(array $command, string $pdf): string
    {
        return (new Process($command, input: $pdf))->mustRun()->getOutput();
    }

    /**
     * Level lines whose length lies between the two, mm, each by its middle.
     *
     * @return list<array{x: float, y: float, long: float}>
     */
    private static function rows(GdImage $page, float $least, float $most): array
    {
        $lines = [];
        for ($y = 0; $y < imagesy($page); $y++) {
            $run = 0;
            for ($x = 0; $x < imagesx($page); $x++) {
                $run = self::isDark($page, $x, $y) ? $run + 1 : 0;
                if ($run / 10 >= $least && $run / 10 <= $most && ! self::isDark($page, $x + 1, $y)) {
                    $last = array_key_last($lines);
                    if ($last !== null && $y - $lines[$last]['to'] <= 1) {
                        $lines[$last]['to'] = $y;
                    } else {
                        $lines[] = ['x' => ($x - $run / 2) / 10, 'from' => $y, 'to' => $y, 'long' => $run / 10];
                    }
                }
            }
        }

        return array_map(
            fn (array $l): array => ['x' => $l['x'], 'y' => ($l['from'] + $l['to'] + 1) / 20, 'long' => $l['long']],
            $lines,
        );
    }

    /** How far, mm, from a point down to the right until the next line. */
    private static function darkFrom(GdImage $page, float $xMm, float $yMm): float
    {
        for ($mm = 5.0; $mm < 60; $mm += 0.05) {
            if (
                self::isDark(
                    $page,
                    (int) round(10 * ($xMm + $mm * M_SQRT1_2)),
                    (int) round(10 * ($yMm + $mm * M_SQRT1_2)),
                )
            ) {
                return $mm;
            }
        }
        self::fail('there is no line');
    }

    private static function isDark(GdImage $page, int $x, int $y): bool
    {
        return $x >= 0 && $x < imagesx($page) && $y < imagesy($page) && (imagecolorat($page, $x, $y) & 0xFF) < 140;
    }
}
