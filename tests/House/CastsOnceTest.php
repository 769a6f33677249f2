<?php

declare(strict_types=1);

namespace Tests\House;

use App\House\Database\CastsOnce;
use App\Systems\Item;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use PHPUnit\Framework\Attributes\Test;
use Tests\TestCase;
use Velbrin\Core\Control\Job;

/** What is read of a row is cast once, and never speaks of what was read before. */
final class CastsOnceTest extends TestCase
{
    #[Test]
    public function a_value_follows_whatever_is_written_over_it(): void
    {
        $item = new Item(['job' => Job::Heater, 'watts' => 200.0, 'installed_on' => '2026-01-05']);
        self::assertSame([Job::Heater, 200.0], [$item->job, $item->watts]);
        self::assertSame('2026-01-05', $item->installed_on?->toDateString());
        $item->job = Job::Doser;
        $item->fill(['watts' => 4.5, 'installed_on' => null]);
        self::assertSame([Job::Doser, 4.5, null], [$item->job, $item->watts, $item->installed_on]);
        $item->setRawAttributes(['job' => Job::Light->value, 'watts' => 90.0]);
        self::assertSame([Job::Light, 90.0, null], [$item->job, $item->watts, $item->installed_on]);
        self::assertSame(Job::Light, $item->replicate()->job);
    }

    #[Test]
    public function it_is_the_same_value_as_long_as_nothing_is_written(): void
    {
        $item = (new Item())->setRawAttributes(['installed_on' => '2026-01-05']);
        self::assertInstanceOf(CarbonImmutable::class, $item->installed_on);
        self::assertSame($item->installed_on, $item->installed_on);
        self::assertNotSame($item->installed_on, (clone $item)->setAttribute('installed_on', '2026-01-06')->installed_on);
        self::assertSame('2026-01-05', $item->installed_on->toDateString());
    }

    #[Test]
    public function what_is_worked_out_from_other_columns_is_asked_every_time(): void
    {
        $model = new class extends Model
        {
            use CastsOnce;

            protected $guarded = [];

            public function getSaidAttribute(?string $said): string
            {
                return "{$said} {$this->of}";
            }
        };
        $model->fill(['said' => 'ten', 'of' => 'litres']);
        self::assertSame('ten litres', $model->said);
        $model->of = 'hours';
        self::assertSame('ten hours', $model->said);
    }
}
