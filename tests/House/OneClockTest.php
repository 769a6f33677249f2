<?php

declare(strict_types=1);

namespace Tests\House;

use App\Build\PassedStage;
use App\Clients\Site;
use App\House\Days;
use App\Systems\Material;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Tests\Fixture;
use Tests\TestCase;

/** A day is a date on the company's calendar, wherever the server or a browser stands. */
final class OneClockTest extends TestCase
{
    /** @return iterable<string, array{0: string, 1: string, 2: string}> zone, a moment in Greenwich, the day it is there */
    public static function zones(): iterable
    {
        yield 'a morning in Auckland' => ['Pacific/Auckland', '2026-03-09 20:30', '2026-03-10'];
        yield 'an evening in Auckland' => ['Pacific/Auckland', '2026-03-09 10:30', '2026-03-09'];
        yield 'an evening in Los Angeles' => ['America/Los_Angeles', '2026-03-10 05:30', '2026-03-09'];
        yield 'a summer’s midnight in London' => ['Europe/London', '2026-07-09 23:30', '2026-07-10'];
    }

    #[Test]
    #[DataProvider('zones')]
    public function what_is_asked_for_today_may_be_today_there_and_no_earlier(string $zone, string $utc, string $day): void
    {
        config()->set('velbrin.timezone', $zone);
        $this->travelTo(CarbonImmutable::parse($utc, 'UTC'));
        $planner = self::user('planner');
        $this->actingAs($planner);
        $client = self::site()->client()->firstOrFail();
        $this->post("/clients/{$client->id}/sites", ['name' => 'New house'])->assertSessionHasNoErrors();
        $site = Site::query()->where('name', 'New house')->sole();
        self::assertSame($zone, $site->timezone, 'a new place is on the company’s clock');
        self::assertSame($zone, self::props($this->get('/rounds'))['shell']['zone']);
        self::assertSame($day, self::props($this->get('/rounds'))['today']);
        self::assertSame($day, Days::text());

        $system = Fixture::system($site, $planner);
        $ask = fn (string $on) => $this->post("/systems/{$system->id}/follow-ups", [
            'text' => 'look at the joint',
            'owner_id' => $planner->id,
            'due_on' => $on,
        ]);
        $before = CarbonImmutable::parse($day)->subDay()->toDateString();
        $ask($before)->assertSessionHasErrors('due_on');
        $ask($day)->assertSessionHasNoErrors();
    }

    #[Test]
    #[DataProvider('zones')]
    public function a_day_has_one_number_whatever_it_came_as(string $zone, string $utc, string $day): void
    {
        config()->set('velbrin.timezone', $zone);
        $this->travelTo(CarbonImmutable::parse($utc, 'UTC'));
        $number = Days::ofText($day);
        self::assertSame($number, Days::number(Days::today()));
        self::assertSame($number, PassedStage::day(Days::today()));
        self::assertSame($number, PassedStage::day(CarbonImmutable::parse($day)), 'as a date column is read');
        self::assertSame((float) $number, Material::day(Days::today()));
        self::assertSame((float) $number, Material::day(CarbonImmutable::parse($day)));
        self::assertSame($number, Days::ofMoment($utc.':00'));
        self::assertSame($day, Days::date($number)->toDateString());
    }

    #[Test]
    public function nothing_asks_greenwich_what_day_it_is(): void
    {
        $wrong = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path('app'))) as $file) {
            if (! $file instanceof SplFileInfo || $file->getExtension() !== 'php' || str_contains($file->getPath(), 'app/Demo')) {
                continue;
            }
            $source = (string) file_get_contents($file->getPathname());
            $greenwich = '/now\(\)(->\w+\([^()]*\))*->toDateString\(\)|Carbon(Immutable)?::today\(|:(today|tomorrow)\b\'/';
            if (preg_match($greenwich, $source, $m) === 1) {
                $wrong[] = "{$file->getFilename()}: {$m[0]}";
            }
        }
        self::assertSame([], $wrong, 'ask App\House\Days: it names the zone');
    }
}
