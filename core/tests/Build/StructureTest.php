<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Build;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\FloorLoad;
use Velbrin\Core\Build\FloorWord;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\PlanMass;
use Velbrin\Core\Build\Waivable;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Seawater\Seawater;

/** Mass and floor, worked by hand (B-10, B-11). */
final class StructureTest extends TestCase
{
    private const TANK = [
        'lengthMm' => 1200,
        'widthMm' => 600,
        'heightMm' => 500,
        'wallMm' => 10,
        'floorMm' => 10,
        'waterGapMm' => 40,
        'rockKg' => 28,
        'sandDepthMm' => 20,
        'standKg' => 60,
        'equipmentKg' => 20,
        'salinity' => 35,
        'setpointC' => 25,
        'storey' => 0,
    ];

    #[Test]
    public function the_mass_is_the_sum_somebody_would_make_on_paper(): void
    {
        $mass = PlanMass::of(self::facts());
        // Glass: floor 1.2 × 0.6 × 0.01; walls (0.72 − 1.18 × 0.58) × 0.49, at 2500 kg/m³.
        $glass = 2500 * (0.0072 + (0.72 - 0.6844) * 0.49);
        // Water 450 mm deep less rock (28/2.8 L) and sand grains (0.58 of 20 mm), at EOS-80.
        $litres = 0.6844 * 450 - 10 - 0.6844 * 20 * 0.58;

        self::assertEqualsWithDelta($glass, $mass->vesselsKg, 1e-9);
        self::assertEqualsWithDelta(($litres * Seawater::at(35, 25)->densityKgM3()) / 1000, $mass->waterKg, 1e-9);
        self::assertEqualsWithDelta(0.6844 * 20 * 1.5, $mass->sandKg, 1e-9);
        self::assertEqualsWithDelta(
            $mass->vesselsKg + $mass->waterKg + 28 + $mass->sandKg + 60 + 20 + 100,
            $mass->totalKg(),
            1e-9,
        );
    }

    #[Test]
    public function the_bending_load_is_the_beam_s(): void
    {
        // In the middle of a 4 m span, joists along the stand: M = W·L/4·(1 − c/2L), q = 8M/(b·L²).
        $facts = self::facts(['floorType' => 'timber', 'joists' => 'parallel', 'spanMm' => 4000, 'allowanceKpa' => 2]);
        $mass = PlanMass::of($facts);
        $kn = ($mass->totalKg() * 9.81) / 1000;
        $load = FloorLoad::of($facts, $mass);

        self::assertEqualsWithDelta((8 * ((($kn * 4) / 4) * (1 - 1.2 / 8))) / (0.6 * 16), $load->bendingKpa, 1e-9);
        self::assertEqualsWithDelta($kn / 0.72, $load->meanKpa, 1e-9);
        self::assertSame($load->bendingKpa / 2, $load->use);

        $across = FloorLoad::of(
            self::facts(['floorType' => 'timber', 'joists' => 'across', 'spanMm' => 4000, 'allowanceKpa' => 2]),
            $mass,
        );
        $unknown = FloorLoad::of(
            self::facts(['floorType' => 'concrete', 'spanMm' => 4000, 'allowanceKpa' => 2]),
            $mass,
        );
        self::assertLessThan($load->bendingKpa, $across->bendingKpa);
        self::assertSame($load->bendingKpa, $unknown->bendingKpa, 'where the direction is unknown the worse stands');
        $aside = FloorLoad::of(
            self::facts([
                'floorType' => 'timber',
                'joists' => 'parallel',
                'spanMm' => 4000,
                'fromSupportMm' => 700,
                'allowanceKpa' => 2,
            ]),
            $mass,
        );
        self::assertLessThan($load->bendingKpa, $aside->bendingKpa, 'by the wall it bends the floor less');
    }

    /** @return iterable<string, array{0: array<string, mixed>, 1: FloorWord}> */
    public static function words(): iterable
    {
        $calm = [
            'floorType' => 'concrete',
            'spanMm' => 4000,
            'allowanceKpa' => 20,
            'balcony' => 'no',
            'wallOpening' => 'no',
        ];
        yield 'everything known, lightly loaded' => [$calm, FloorWord::Within];
        yield 'nothing known' => [[], FloorWord::Ask];
        yield 'allowance unknown' => [['floorType' => 'concrete', 'spanMm' => 4000], FloorWord::Ask];
        yield 'span unknown' => [['floorType' => 'concrete', 'allowanceKpa' => 20], FloorWord::Ask];
        yield 'near the allowance' => [[...$calm, 'allowanceKpa' => 4], FloorWord::Ask];
        yield 'far over it' => [[...$calm, 'allowanceKpa' => 1], FloorWord::Never];
        yield 'heavy on an upper floor' => [[...$calm, 'storey' => 3], FloorWord::Ask];
        yield 'joists along the stand' => [
            [...$calm, 'floorType' => 'timber', 'joists' => 'parallel'],
            FloorWord::Never,
        ];
        yield 'joists, direction unknown' => [[...$calm, 'floorType' => 'timber'], FloorWord::Ask];
        yield 'a balcony' => [[...$calm, 'balcony' => 'yes'], FloorWord::Never];
        yield 'an opened wall' => [[...$calm, 'wallOpening' => 'yes'], FloorWord::Never];
        yield 'a slab on the ground, allowance known' => [
            ['floorType' => 'slab', 'storey' => 0, 'allowanceKpa' => 20],
            FloorWord::Within,
        ];
        yield 'nobody has said whether it is a balcony' => [
            [...array_diff_key($calm, ['balcony' => 0])],
            FloorWord::Ask,
        ];
        yield 'nobody has said whether a wall is opened' => [
            [...array_diff_key($calm, ['wallOpening' => 0])],
            FloorWord::Ask,
        ];
        yield 'a slab on the ground, nothing known' => [['floorType' => 'slab'], FloorWord::Ask];
    }

    /** @param  array<string, mixed>  $floor */
    #[Test]
    #[DataProvider('words')]
    public function the_floor_gets_one_of_three_words(array $floor, FloorWord $word): void
    {
        $facts = self::facts($floor);
        self::assertSame($word, FloorLoad::of($facts, PlanMass::of($facts))->word);
    }

    #[Test]
    public function the_nearer_bearing_is_no_further_than_the_middle(): void
    {
        $facts = self::facts(['floorType' => 'concrete', 'spanMm' => 4000, 'fromSupportMm' => 2500]);
        $this->expectException(OutOfRange::class);
        FloorLoad::of($facts, PlanMass::of($facts));
    }

    #[Test]
    public function what_can_hurt_people_has_no_waiver(): void
    {
        foreach (['B-11', 'B-12', 'B-13', 'B-53', 'B-61', 'B-77', 'R-16'] as $rule) {
            self::assertFalse(Waivable::byReason($rule), $rule);
        }
        foreach (['B-2', 'B-22', 'B-32', 'B-33'] as $rule) {
            self::assertTrue(Waivable::byReason($rule), $rule);
        }
    }

    /** @param  array<string, mixed>  $more */
    private static function facts(array $more = []): Facts
    {
        return Facts::of(PlanBrief::read(['values' => [...self::TANK, ...$more]]));
    }
}
