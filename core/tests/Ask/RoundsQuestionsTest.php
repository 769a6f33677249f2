<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Ask;

use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;

/** The headline questions of risk, rounds and the water day, asked as a script would. */
final class RoundsQuestionsTest extends TestCase
{
    use AsksTheDesk;

    private const STATION = [
        'roRatedLd' => 480,
        'feedC' => 25,
        'roStoredL' => 130,
        'roTankL' => 400,
        'vesselsL' => [200],
        'heatW' => 600,
        'targetC' => 25,
        'reserveRoL' => 30,
        'mixes' => [['key' => 'reef', 'gramsPerL' => 38.5, 'usableFromH' => 4, 'usableUntilH' => 336]],
    ];

    private const TANK = [
        'volumeL' => 400,
        'coldUaWK' => 20,
        'hotUaWK' => 16,
        'surfaceM2' => 0.68,
        'footprintM2' => 0.68,
        'setpointC' => 25.5,
        'heatersW' => [300],
        'backgroundW' => 60,
        'roomC' => 24,
        'fishKg' => 0.5,
    ];

    private const VISIT = ['lat' => 50.1, 'lon' => 0, 'minutes' => 60];

    #[Test]
    public function a_water_day_comes_back_from_its_departure(): void
    {
        $day = self::ask('water-day', [
            ...self::STATION,
            'needs' => [['key' => 'Long wall', 'litres' => 150, 'mix' => 'reef', 'departH' => 24]],
        ]);
        self::assertEqualsWithDelta(24 - 20 / 60 - 15 / 60 - 4 - 15 / 60, $day['batches'][0]['fillAtH'], 1e-9);
        self::assertEqualsWithDelta([50, 150 * 0.0385], [$day['roL'], $day['saltKg']], 1e-9);
        self::assertStringContainsString(
            'needs.0.litres',
            self::refused('water-day', [
                ...self::STATION,
                'needs' => [['key' => 'A', 'mix' => 'reef', 'departH' => 24]],
            ]),
        );
    }

    #[Test]
    public function hours_in_hand_are_harm_less_help(): void
    {
        $answer = self::ask('hours-in-hand', [...self::TANK, 'alarmDelayMin' => 10, 'travelMin' => 20]);
        $on = $answer['hazards']['heater-on'];
        self::assertEqualsWithDelta($on['harmH'] - (10 + 45 + 20 + 30) / 60, $on['inHandH'], 1e-9);
        self::assertSame(0.0, (float) $answer['worstH'], 'the alarm dies with the power: nobody would notice a cut');
        self::assertNull($answer['hazards']['power-cut']['noticedH']);
    }

    #[Test]
    public function a_due_list_puts_the_most_overdue_first_and_an_insertion_says_its_price(): void
    {
        $list = self::ask('due-list', [
            'today' => 100,
            'tasks' => [
                ['key' => 'glass', 'doneDay' => 95, 'everyDays' => 7],
                ['key' => 'change', 'doneDay' => 80, 'everyDays' => 14],
                ['key' => 'photo', 'doneDay' => 0, 'everyDays' => 90, 'suspendedUntilDay' => 120],
            ],
        ]);
        self::assertSame(
            [['change', 'overdue'], ['glass', 'may'], ['photo', 'suspended']],
            array_map(fn (array $t): array => [$t['key'], $t['standing']], $list['tasks']),
        );

        $day = [
            'depotLat' => 50,
            'depotLon' => 0,
            'payloadKg' => 500,
            'saltL' => 100,
            'roL' => 0,
            'visits' => [['id' => 1, ...self::VISIT]],
            'insert' => [['id' => 2, ...self::VISIT, 'saltL' => 60]],
        ];
        $cost = self::ask('insertion-cost', $day);
        self::assertEqualsWithDelta(
            [0.0, 0.0],
            [$cost['priceMin'], $cost['drivingMin']],
            1e-6,
            'next door to a visit that is driven to anyway',
        );
        self::assertSame(
            'the van carries too little salt water',
            self::ask('insertion-cost', [...$day, 'insert' => [['id' => 2, ...self::VISIT, 'saltL' => 160]]])[
                'refusal'
            ],
        );
        self::assertStringContainsString('insert', self::refused('insertion-cost', [...$day, 'insert' => []]));
    }

    #[Test]
    public function ph_takes_exactly_one_of_two(): void
    {
        self::assertStringContainsString(
            'exactly one',
            self::refused('ph', ['alkMeqL' => 2.8, 'salinity' => 35, 'tempC' => 25]),
        );
        self::assertStringContainsString(
            'exactly one',
            self::refused('ph', ['alkMeqL' => 2.8, 'salinity' => 35, 'tempC' => 25, 'co2Ppm' => 400, 'dicMmolKg' => 2]),
        );
    }
}
