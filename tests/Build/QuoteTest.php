<?php

declare(strict_types=1);

namespace Tests\Build;

use App\Build\Plan;
use App\Build\PlanReader;
use App\Build\PlanVersion;
use App\Build\Price;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;
use Tests\Fixture;
use Tests\TestCase;

/** From a plan’s quantities to a price that adds up, on the page and on paper; options beside each other. */
final class QuoteTest extends TestCase
{
    #[Test]
    public function the_price_list_goes_out_and_comes_back_in_and_a_wrong_line_changes_nothing(): void
    {
        $this->actingAs(self::user('planner'));
        $this->put('/settings/prices', [
            'prices' => ['rock' => 1299, 'salt' => 455, 'labour' => -1],
        ])->assertSessionHasErrors('prices.labour');
        $this->put('/settings/prices', ['prices' => ['rock' => 1299, 'salt' => 455]])->assertSessionHasNoErrors();
        $csv = $this->get('/settings/prices.csv')->assertOk()->streamedContent();
        self::assertStringContainsString("rock,\"Rock, dry\",kg,12.99\n", $csv);
        $read = fn (string $text): mixed => $this->post('/settings/prices/import', [
            'file' => UploadedFile::fake()->createWithContent('prices.csv', $text),
        ]);
        $read(str_replace('12.99', '13.49', $csv))->assertSessionHasNoErrors();
        self::assertSame(['rock' => 1349, 'salt' => 455], Price::list());
        $read("rock,Rock,kg,9.99\nmoon,Moon,kg,1")->assertSessionHasErrors('file');
        $read('rock,Rock,kg,cheap')->assertSessionHasErrors('file');
        self::assertSame(1349, Price::list()['rock'], 'a wrong line changes no price');
        $this->actingAs(self::user('technician'))->get('/settings/prices.csv')->assertForbidden();
    }

    #[Test]
    public function a_version_says_what_it_takes_and_costs_and_when_it_could_stand(): void
    {
        config()->set('velbrin.tax_basis_points', 1900);
        Price::query()->create(['key' => 'rock', 'minor' => 1000]);
        $planner = self::user('planner');
        $version = $this->version(Fixture::plan(self::site(), $planner, ['rockKg' => 42.0]));
        $view = self::props($this->actingAs($planner)->get("/plan-versions/{$version->id}"))['view'];
        $rock = collect($view['quote']['lines'])->firstWhere('key', 'rock');
        self::assertSame("EUR\u{A0}420.00", $rock['price']);
        self::assertSame(
            ["EUR\u{A0}420.00", "EUR\u{A0}79.80", "EUR\u{A0}499.80"],
            [$view['quote']['net'], $view['quote']['tax'], $view['quote']['total']],
        );
        self::assertGreaterThan(3, $view['quote']['unpriced']);
        self::assertSame('survey', $view['stages'][0]['key']);
        self::assertFalse(collect($view['stages'])->firstWhere('key', 'electrics')['mayBeWaived']);

        $text = new Process(
            ['pdftotext', '-layout', '-', '-'],
            input: (string) $this->get("/plan-versions/{$version->id}/quote.pdf")
                ->assertOk()
                ->getContent(),
        );
        $text->mustRun();
        self::assertMatchesRegularExpression(
            '/Rock, dry\s+42\.?0?\s?kg\s+EUR\s10\.00 a kg\s+EUR\s420\.00/u',
            $text->getOutput(),
        );
        self::assertMatchesRegularExpression('/To pay\s+EUR\s499\.80/u', $text->getOutput());
    }

    #[Test]
    public function options_show_only_what_differs_and_what_it_costs(): void
    {
        Price::query()->create(['key' => 'rock', 'minor' => 1000]);
        $planner = self::user('planner');
        $site = self::site();
        [$a, $b] = [
            Fixture::plan($site, $planner, ['rockKg' => 40.0]),
            Fixture::plan($site, $planner, ['rockKg' => 50.0, 'breakingKg' => 5.0]),
        ];
        $view = self::props($this->actingAs($planner)->get("/sites/{$site->id}/options"))['view'];
        self::assertSame(
            [null, "+ EUR\u{A0}120.00"],
            array_column($view['plans'], 'more'),
            'ten kilograms more, and tax',
        );
        $lines = array_column($view['lines'], 'cells', 'label');
        self::assertSame(["40.0\u{A0}kg, EUR\u{A0}400.00", "50.0\u{A0}kg, EUR\u{A0}500.00"], $lines['Rock, dry']);
        self::assertArrayNotHasKey('Sand', $lines, 'what is alike is not shown');
        self::assertContains('B-53', array_column($view['against'][1], 'rule'));
        self::assertSame([$b->id], self::props($this->get("/sites/{$site->id}/options?plans[]={$b->id}"))['chosen']);
        $this->get(
            "/sites/{$site->id}/options?plans[]=1&plans[]=2&plans[]=3&plans[]=4&plans[]=5",
        )->assertSessionHasErrors('plans');
        self::assertSame($a->id, $a->refresh()->id);
    }

    #[Test]
    public function another_trade_s_sheet_marks_what_changed_since_the_version_before(): void
    {
        $planner = self::user('planner');
        $plan = Fixture::plan(self::site(), $planner, ['doorWidthMm' => 900.0, 'doorHeightMm' => 650.0]);
        $this->version($plan);
        $plan->update(['draft' => [...$plan->draft, 'values' => [...$plan->draft['values'], 'doorWidthMm' => 1000.0]]]);
        $second = PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 2,
            'brief' => PlanReader::raw($plan),
            'core_version' => '0',
            'user_id' => $plan->user_id,
        ]);
        $text = new Process(
            ['pdftotext', '-layout', '-', '-'],
            input: (string) $this->actingAs($planner)
                ->get("/plan-versions/{$second->id}/sheets/carpenter.pdf")
                ->assertOk()
                ->getContent(),
        );
        $text->mustRun();
        self::assertMatchesRegularExpression(
            '/▸ Its opening, width\s+1\s?000\s?mm\s+was 900\s?mm/u',
            $text->getOutput(),
        );
        self::assertDoesNotMatchRegularExpression('/▸ Its opening, height/u', $text->getOutput());
        self::assertStringContainsString('still to be settled', $text->getOutput());
        $this->get("/plan-versions/{$second->id}/sheets/baker.pdf")->assertNotFound();
    }

    private function version(Plan $plan): PlanVersion
    {
        return PlanVersion::query()->create([
            'plan_id' => $plan->id,
            'number' => 1,
            'brief' => PlanReader::raw($plan),
            'core_version' => '0',
            'user_id' => $plan->user_id,
        ]);
    }
}
