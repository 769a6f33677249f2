<?php

declare(strict_types=1);

namespace Tests\Reports;

use App\Alerts\Alarm;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\Process\Process;
use Tests\Fixture;
use Tests\TestCase;

/** The handover file says what stands in the record, and nothing that is between us. */
final class HandoverTest extends TestCase
{
    #[Test]
    public function the_client_s_file_holds_plugs_limits_calls_and_first_days(): void
    {
        $planner = self::user('planner');
        $site = self::site();
        $system = Fixture::system($site, $planner);
        $system->update(['started_on' => now()->subDays(10)->toDateString()]);
        $system
            ->items()
            ->create([
                'job' => 'heater',
                'name' => 'Left heater',
                'watts' => 200,
                'plug_label' => 'H1',
                'outlet' => 'strip A, 3',
            ]);
        $system->standingNotes()->create(['text' => 'between us', 'user_id' => $planner->id]);
        $alarm = Alarm::query()->create(['system_id' => $system->id, 'name' => 'Heat', 'watches' => ['heater-on']]);
        $technician = self::user('technician');
        $technician->update(['phone' => '0100 555 0299']);
        $alarm->calls()->create(['user_id' => $technician->id, 'position' => 1]);

        $system->update([
            'tables' => [
                'lamps' => [['name' => 'a', 'xMm' => 300, 'yMm' => 288, 'ppf' => 180, 'halfAngleDeg' => 45]],
                'channels' => [
                    ['name' => 'blue', 'sharePct' => 60, 'fromH' => 9, 'hours' => 12, 'rampH' => 2, 'topPct' => 80],
                ],
            ],
        ]);
        $pdf = (string) $this->actingAs(self::user('client', $site->client_id))
            ->get("/systems/{$system->id}/handover.pdf")
            ->assertOk()
            ->assertHeader('Content-Type', 'application/pdf')
            ->getContent();
        $text = (new Process(['pdftotext', '-layout', '-', '-'], input: $pdf))->mustRun()->getOutput();
        self::assertMatchesRegularExpression('/Left heater.*200 W\s+H1\s+strip A, 3/u', $text);
        self::assertStringContainsString('0100 555 0299', $text);
        self::assertMatchesRegularExpression('/Alkalinity\s+\d/u', $text);
        self::assertMatchesRegularExpression('/The power is out\s+\d+\s?L run down/u', $text);
        self::assertMatchesRegularExpression('/Heating holds\s+25\.5/u', $text);
        self::assertMatchesRegularExpression(
            '/Light, blue\s+from 09:00 to 21:00, ramps 2\.0\s?h, up to 80\s?%/u',
            $text,
        );
        self::assertStringContainsString('The first ninety days', $text);
        self::assertStringNotContainsString('between us', $text);
        $this->actingAs(self::user('client', self::site('Other', 'Elsewhere')->client_id))
            ->get("/systems/{$system->id}/handover.pdf")
            ->assertForbidden();
    }
}
