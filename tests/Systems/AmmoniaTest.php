<?php

declare(strict_types=1);

namespace Tests\Systems;

use App\Systems\Reading;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;

/** Ammonia is judged wherever animals live, at once, band or no band, and stands until a re-test (C-59). */
final class AmmoniaTest extends TestCase
{
    private User $technician;

    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        $this->technician = Fixture::onCall(self::user('technician'));
        $this->system = Fixture::system(self::site(), self::user('planner'));
    }

    #[Test]
    public function three_milligrams_at_ph_8_08_are_a_stop_on_the_system_and_on_today_until_a_re_test(): void
    {
        self::assertNull($this->system->bands()->where('parameter', 'ammonia')->first(), 'no band of its own');
        $this->read('ph', 8.08, 'pH');
        $this->read('temperature', 25.0, '°C');
        $this->read('salinity', 35.0, 'g/kg');
        $said = $this->read('ammonia', 3.0, 'mg/L');
        self::assertStringStartsWith('Stop. Free ammonia 0.149 mg/L: change water now.', $said);
        self::assertStringContainsString('Change ', $said);
        self::assertStringContainsString('the highest on the way', $said);

        self::assertSame('stop', $this->ammonia()['severity']);
        $view = collect(self::props($this->get("/systems/{$this->system->id}/readings"))['parameters'])->firstWhere(
            'parameter',
            'ammonia',
        );
        self::assertStringStartsWith(
            'Stop: free ammonia 0.149',
            str_replace(["\u{a0}", "\u{202f}"], ' ', $view['standingWords']),
        );
        self::assertSame(['stop', $this->system->id], [$this->line()['mark'], $this->line()['id']]);
        foreach (['owner', 'planner', 'technician'] as $role) {
            self::assertStringContainsString(
                'ammonia burns',
                (string) json_encode(self::props($this->actingAs(self::user($role))->get('/'))),
                $role,
            );
        }

        $this->read('ammonia', 0.05, 'mg/L');
        self::assertNull($this->ammonia(), 'a re-test ends it');
        self::assertStringNotContainsString(
            'ammonia burns',
            (string) json_encode(self::props($this->actingAs(self::user('owner'))->get('/'))),
        );
    }

    #[Test]
    public function a_quarantine_with_0_051_free_is_a_stop_and_0_049_is_none(): void
    {
        $this->system->update(['regime' => 'quarantine']);
        \App\Systems\SystemStart::bands($this->system);
        foreach ([['ph', 8.2, 'pH'], ['temperature', 25.0, '°C'], ['salinity', 35.0, 'g/kg']] as $given) {
            $this->read(...$given);
        }
        $share = \Velbrin\Core\Chemistry\FreeAmmonia::mgL(1.0, 8.2, 25.0, 35.0);
        $this->read('ammonia', round(0.051 / $share, 4), 'mg/L');
        self::assertSame('stop', $this->ammonia()['severity']);
        self::assertSame('C-59', $this->ammonia()['rule']);
        $this->read('ammonia', round(0.049 / $share, 4), 'mg/L');
        self::assertSame('fix', $this->ammonia()['severity']);
        $this->read('ammonia', round(0.019 / $share, 4), 'mg/L');
        self::assertNotSame('C-59', $this->ammonia()['rule'] ?? null);
    }

    #[Test]
    public function without_a_fresh_ph_the_worst_is_counted_and_a_ph_read_after_it_judges_it_again(): void
    {
        $said = $this->read('ammonia', 0.4, 'mg/L');
        self::assertStringContainsString('pH and temperature and salinity not read within a day', $said);
        self::assertSame('fix', $this->ammonia()['severity']);
        $this->read('ph', 7.6, 'pH');
        self::assertNull($this->ammonia(), 'at pH 7.6 the free part is small');
        $ammoniaAt = Reading::query()->where('parameter', 'ammonia')->sole()->taken_at;
        foreach ([23 => null, 25 => 'fix'] as $hoursBefore => $severity) {
            Reading::query()->where('parameter', 'ph')->sole()->update(['taken_at' => $ammoniaAt->subHours($hoursBefore)]);
            $this->read('temperature', 25.0, '°C');
            self::assertSame($severity, $this->ammonia()['severity'] ?? null, "a pH of {$hoursBefore} h before");
        }
    }

    #[Test]
    public function a_marked_reading_and_a_system_where_nothing_lives_are_not_judged(): void
    {
        $this->read('ammonia', 4.0, 'mg/L');
        self::assertSame('stop', $this->ammonia()['severity']);
        $this->system->refresh()->update(['has_animals' => false]);
        self::assertNull($this->ammonia(), 'a mixing station');
        $this->system->update(['has_animals' => null]);
        self::assertSame('stop', $this->ammonia()['severity'], 'unknown stock counts as stock');
        $this->actingAs(self::user('planner'))
            ->post('/readings/'.Reading::query()->sole()->id.'/mark', ['reason' => 'wrong tube'])
            ->assertSessionHasNoErrors();
        self::assertNull($this->ammonia());
    }

    /** @return iterable<string, array{float, bool}> days before the ammonia, whether it counts beside it */
    public static function alkalinities(): iterable
    {
        yield 'thirteen days ago' => [13.9, true];
        yield 'fourteen and a little' => [14.1, false];
    }

    #[Test]
    #[DataProvider('alkalinities')]
    public function alkalinity_of_the_last_fortnight_counts_beside_it(float $daysAgo, bool $counts): void
    {
        $this->read('alkalinity', 8.5, 'dKH');
        Reading::query()->sole()->update(['taken_at' => now()->subMinutes((int) (1440 * $daysAgo))]);
        $this->read('ammonia', 0.4, 'mg/L');
        self::assertSame($counts ? 8.5 : null, $this->system->refresh()->ammonia_alk_dkh);
    }

    private function read(string $parameter, float $value, string $unit): string
    {
        $this->travel(1)->minutes();
        $this->actingAs($this->technician)
            ->post("/systems/{$this->system->id}/readings", [
                'parameter' => $parameter,
                'value' => $value,
                'unit' => $unit,
                'method' => 'kit',
                'client_uuid' => (string) Str::uuid(),
                'sure' => true,
            ])
            ->assertSessionHasNoErrors();

        return str_replace(["\u{a0}", "\u{202f}"], ' ', (string) session('said'));
    }

    /** @return array<string, mixed>|null the finding about ammonia in the margin */
    private function ammonia(): ?array
    {
        $findings = self::props($this->actingAs($this->technician)->get("/systems/{$this->system->id}/readings"))[
            'findings'
        ];

        return collect($findings)->firstWhere('about', 'ammonia');
    }

    /** @return array<string, mixed> */
    private function line(): array
    {
        return self::props($this->actingAs($this->technician)->get('/systems'))['lines'][0];
    }
}
