<?php

declare(strict_types=1);

namespace Tests\Build;

use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\Build\Price;
use App\Clients\Site;
use App\Team\User;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;
use Tests\Fixture;
use Tests\TestCase;

/** Prices, quotes and what a client would spend are the office's: nothing a technician is handed carries them. */
final class MoneyTest extends TestCase
{
    private Site $site;

    private PlanVersion $version;

    protected function setUp(): void
    {
        parent::setUp();
        $planner = self::user('planner');
        $this->site = self::site();
        $this->site->update(['enquiry' => ['built' => 'yes', 'budget_minor' => 987_654_300]]);
        Price::query()->updateOrCreate(['key' => 'rock'], ['minor' => 13_377]);
        Price::query()->updateOrCreate(['key' => 'kwh'], ['minor' => 4_321]);
        $plan = Fixture::plan($this->site, $planner);
        $this->version = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan),
            'core_version' => '1',
            'user_id' => $planner->id,
        ]);
    }

    #[Test]
    public function a_planner_reads_them_and_a_technician_finds_none(): void
    {
        $pages = [
            "/plan-versions/{$this->version->id}" => ['133.77', '9 876 543.00'],
            "/plans/{$this->version->plan_id}" => ['9 876 543.00', '987654300'],
            "/sites/{$this->site->id}" => ['9 876 543.00', '987654300'],
        ];
        foreach ($pages as $path => $sums) {
            $planner = $this->read(self::user('planner'), $path);
            self::assertNotSame([], array_filter($sums, fn (string $sum): bool => str_contains($planner, $sum)), $path);
            $technician = $this->read(self::user('technician'), $path);
            foreach (['133.77', '9 876 543', '987654300', 'EUR', '€', '"totalMinor"'] as $sum) {
                self::assertStringNotContainsString($sum, $technician, $path);
            }
        }
    }

    #[Test]
    public function papers_and_options_keep_them_from_a_technician(): void
    {
        $paper = fn (User $user): string => self::text(
            (string) $this->actingAs($user)->get("/sites/{$this->site->id}/survey.pdf")->assertOk()->getContent(),
        );
        self::assertStringContainsString('9 876 543.00', $paper(self::user('planner')));
        self::assertStringNotContainsString('9 876 543', $paper(self::user('technician')));
        foreach (["/plan-versions/{$this->version->id}/quote.pdf", "/sites/{$this->site->id}/options"] as $path) {
            $this->actingAs(self::user('technician'))->get($path)->assertForbidden();
        }
    }

    #[Test]
    public function what_a_device_cost_is_neither_read_nor_overwritten_by_a_technician(): void
    {
        $system = Fixture::system($this->site, self::user('planner'));
        $item = $system->items()->create(['job' => 'heater', 'name' => 'Left', 'watts' => 300, 'price_minor' => 12_950]);
        $path = "/systems/{$system->id}/register";
        self::assertStringContainsString('129.50', $this->read(self::user('planner'), $path));
        self::assertStringNotContainsString('12950', $this->read($technician = Fixture::onCall(self::user('technician')), $path));
        $this->actingAs($technician)
            ->put("/items/{$item->id}", [
                'job' => 'heater',
                'name' => 'Left, rear',
                'watts' => 300,
                'installed_precision' => 'day',
                'price_minor' => null,
                'reason' => 'named by its place',
            ])
            ->assertSessionHasNoErrors();
        self::assertSame(['Left, rear', 12_950], [$item->refresh()->name, $item->price_minor]);
        $this->actingAs(self::user('planner'))
            ->put("/items/{$item->id}", [
                'job' => 'heater',
                'name' => 'Left, rear',
                'watts' => 300,
                'installed_precision' => 'day',
                'price_minor' => 14_000,
                'reason' => 'the bill came',
            ])
            ->assertSessionHasNoErrors();
        self::assertSame(14_000, $item->refresh()->price_minor);
    }

    private function read(User $user, string $path): string
    {
        $props = self::props($this->actingAs($user)->get($path));

        return self::plain((string) json_encode($props, JSON_UNESCAPED_UNICODE));
    }

    private static function text(string $pdf): string
    {
        $process = new Process(['pdftotext', '-layout', '-', '-'], input: $pdf);
        $process->mustRun();

        return self::plain($process->getOutput());
    }

    private static function plain(string $text): string
    {
        return str_replace(["\u{202F}", "\u{A0}"], ' ', $text);
    }
}
