<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Rounds;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Rounds\OpeningHours;

/** Opening hours as people write them; several a day; what cannot be read is refused, never closed. */
final class OpeningHoursTest extends TestCase
{
    /** @return list<array{0: string, 1: string}> */
    public static function written(): array
    {
        return [
            ['8-17', '08:00-17:00'],
            ['08:00-17:00', '08:00-17:00'],
            ['8.30 – 12', '08:30-12:00'],
            ['14-17, 9-12', '09:00-12:00, 14:00-17:00'],
            ['9 to 12 and 14 to 18:15', '09:00-12:00, 14:00-18:15'],
            ['0-24', '00:00-24:00'],
            ['7:59-9', '07:59-09:00'],
            ['closed', 'closed'],
            [' Closed ', 'closed'],
            ['9-12, 12-17', '09:00-12:00, 12:00-17:00'],
        ];
    }

    #[Test]
    #[DataProvider('written')]
    public function it_is_read_as_people_write_it(string $written, string $text): void
    {
        $hours = OpeningHours::read($written);
        self::assertSame($text, $hours->text());
        self::assertEquals($hours, OpeningHours::read($hours->text()), 'and reads its own words');
    }

    /** @return list<array{0: string}> */
    public static function unreadable(): array
    {
        return [
            [''],
            ['mornings'],
            ['17-8'],
            ['8-8'],
            ['8-25'],
            ['8:75-9'],
            ['8:60-9'],
            ['24:01-25'],
            ['8-12, 11-14'],
            ['8'],
            ['8-12,'],
        ];
    }

    #[Test]
    #[DataProvider('unreadable')]
    public function what_cannot_be_read_is_refused(string $written): void
    {
        $this->expectException(OutOfRange::class);
        OpeningHours::read($written);
    }
}
