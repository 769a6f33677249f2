<?php

declare(strict_types=1);

namespace Tests\Reports;

use App\Reports\DeliverReport;
use App\Reports\Report;
use App\Reports\SendReport;
use App\Systems\System;
use App\Team\CaughtMail;
use App\Team\User;
use Illuminate\Mail\Events\MessageSending;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Event;
use Illuminate\Validation\ValidationException;
use LogicException;
use PHPUnit\Framework\Attributes\Test;
use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\Fixture;
use Tests\TestCase;

/** A report is finished, sent once, and from then on only corrected. */
final class ReportTest extends TestCase
{
    private System $system;

    protected function setUp(): void
    {
        parent::setUp();
        $this->system = Fixture::system(self::site(), self::user('planner'), 'Harbour reef');
    }

    #[Test]
    public function it_is_finished_sent_read_and_corrected_but_never_changed(): void
    {
        config()->set('mail.default', 'catcher');
        $planner = self::user('planner');
        $report = Fixture::report($this->system, $planner, sent: false);
        $this->actingAs($planner)
            ->post("/reports/{$report->id}/send")
            ->assertSessionHasErrors('send');
        $client = self::user('client', $this->system->site?->client_id);
        $this->actingAs($client)
            ->get("/reports/{$report->id}")
            ->assertForbidden();
        self::assertSame([], self::props($this->get('/reports'))['reports'], 'a draft is not theirs yet');

        $given = [
            'words' => 'All calm.',
            'next_on' => now()->addDays(9)->toDateString(),
            'photo_id' => $report->photo_id,
            'recommendations' => [['text' => 'A second heater', 'priceMinor' => 8900]],
        ];
        $this->actingAs($planner)
            ->put("/reports/{$report->id}", [...$given, 'photo_id' => 99999])
            ->assertSessionHasErrors('photo_id');
        $this->put("/reports/{$report->id}", [
            ...$given,
            'recommendations' => [['text' => 'x', 'priceMinor' => -5]],
        ])->assertSessionHasErrors('recommendations.0.priceMinor');
        $this->put("/reports/{$report->id}", $given)->assertSessionHasNoErrors();
        $this->post("/reports/{$report->id}/send")->assertSessionHasNoErrors();
        $this->post("/reports/{$report->id}/send")->assertForbidden();
        $this->put("/reports/{$report->id}", $given)->assertForbidden();
        $mail = CaughtMail::query()->sole();
        self::assertSame($client->email, $mail->recipient);
        self::assertStringContainsString('All calm.', $mail->body);
        self::assertStringContainsString('A second heater (', $mail->body);

        $this->post("/reports/{$report->id}/notes", [
            'text' => 'The heater is the left one.',
        ])->assertSessionHasNoErrors();
        $view = self::props($this->actingAs($client)->get("/reports/{$report->id}"))['view'];
        self::assertSame('The heater is the left one.', $view['notes'][0]['text']);
        self::assertStringContainsString('89.00', (string) $view['recommendations'][0]['price']);
        $this->post("/reports/{$report->id}/notes", ['text' => 'I say no.'])->assertForbidden();
        $this->expectException(LogicException::class);
        Report::query()
            ->findOrFail($report->id)
            ->update(['next_on' => now()->toDateString()]);
    }

    #[Test]
    public function the_paper_says_the_same_in_plain_words(): void
    {
        $report = Fixture::report($this->system, $planner = self::user('planner'), sent: true);
        $pdf = $this->actingAs($planner)
            ->get("/reports/{$report->id}/report.pdf")
            ->assertOk()
            ->assertHeader('Content-Type', 'application/pdf');
        $text = new Process(['pdftotext', '-layout', '-', '-'], input: (string) $pdf->getContent());
        $text->mustRun();
        self::assertStringContainsString('Visit report', $text->getOutput());
        self::assertStringContainsString('Harbour reef', $text->getOutput());
        self::assertStringContainsString('ring us at any hour', $text->getOutput());
    }

    #[Test]
    public function another_clients_report_photo_and_paper_stay_shut_whatever_number_is_guessed(): void
    {
        $report = Fixture::report($this->system, self::user('planner'), sent: true);
        $stranger = self::user('client', self::site('Other', 'Elsewhere')->client_id);
        foreach (['', '/report.pdf', '/photo'] as $what) {
            $this->actingAs($stranger)
                ->get("/reports/{$report->id}{$what}")
                ->assertForbidden();
            $this->actingAs(self::user('technician'))
                ->get("/reports/{$report->id}{$what}")
                ->assertForbidden();
        }
        $this->actingAs($stranger)
            ->get("/attachments/{$report->photo_id}")
            ->assertForbidden();
        self::assertSame([], self::props($this->get('/reports'))['reports']);
        self::assertSame([], self::props($this->get('/'))['groups'][2]['lines']);
        $own = self::user('client', $this->system->site?->client_id);
        foreach (['', '/report.pdf', '/photo'] as $what) {
            $this->actingAs($own)
                ->get("/reports/{$report->id}{$what}")
                ->assertOk();
        }
    }

    #[Test]
    public function each_reader_gets_it_once_and_one_bad_address_holds_up_nobody(): void
    {
        config()->set('mail.default', 'catcher');
        config()->set('queue.default', 'database');
        $planner = self::user('planner');
        $client = $this->system->site?->client()->firstOrFail();
        foreach (['broken@client.example', 'second@client.example'] as $n => $email) {
            $client?->contacts()->create(['name' => "Reader {$n}", 'role' => 'owner', 'email' => $email]);
        }
        $report = Fixture::report($this->system, $planner, sent: false);
        $this->actingAs($planner)->post("/reports/{$report->id}/send")->assertSessionHasNoErrors();
        self::assertSame(0, CaughtMail::query()->count(), 'not in the request');
        $states = fn (): array => array_column(
            self::props($this->get("/reports/{$report->id}"))['deliveries'],
            'state',
            'address',
        );
        self::assertSame(['broken@client.example' => 'waiting', 'second@client.example' => 'waiting'], $states());
        $tries = 0;
        $isBroken = true;
        Event::listen(MessageSending::class, function (MessageSending $mail) use (&$tries, &$isBroken): void {
            if ($mail->message->getTo()[0]->getAddress() === 'broken@client.example') {
                $tries++;
                $isBroken && throw new RuntimeException('no such mailbox');
            }
        });
        $work = fn (): int => Artisan::call(
            'queue:work',
            ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 2048, '--quiet' => true],
        );
        $work();
        self::assertSame(['broken@client.example' => 'waiting', 'second@client.example' => 'gone'], $states());
        foreach ([61, 301, 901] as $seconds) {
            $this->travel($seconds)->seconds();
            $work();
        }
        self::assertSame(4, $tries);
        self::assertSame(['broken@client.example' => 'failed', 'second@client.example' => 'gone'], $states());
        self::assertSame(['second@client.example'], CaughtMail::query()->pluck('recipient')->all());

        $isBroken = false;
        $this->actingAs(self::user('technician'))->post("/reports/{$report->id}/again")->assertForbidden();
        $this->actingAs($planner)->post("/reports/{$report->id}/again")->assertSessionHas('said', 'On its way again.');
        $work();
        $this->post("/reports/{$report->id}/again")->assertSessionHas('said', 'It reached everybody.');
        self::assertSame(
            ['second@client.example', 'broken@client.example'],
            CaughtMail::query()->orderBy('id')->pluck('recipient')->all(),
            'once each',
        );
        $reader = self::user('client', $client?->id);
        self::assertSame(
            [],
            self::props($this->actingAs($reader)->get("/reports/{$report->id}"))['deliveries'],
            'how it went to others is the office’s',
        );
    }

    #[Test]
    public function two_hands_at_once_send_it_once_and_what_went_does_not_go_again(): void
    {
        config()->set('mail.default', 'catcher');
        $planner = self::user('planner');
        self::user('client', $this->system->site?->client_id);
        $report = Fixture::report($this->system, $planner, sent: false);
        $other = Report::query()->findOrFail($report->id);
        SendReport::send($report, $planner);
        try {
            SendReport::send($other, $planner);
            self::fail('sent twice');
        } catch (ValidationException $e) {
            self::assertSame(['It was sent already.'], $e->errors()['send']);
        }
        $delivery = $report->deliveries()->sole();
        (new DeliverReport($delivery->id))->handle();
        self::assertSame(1, CaughtMail::query()->count(), 'a job that runs twice mails once');
    }

    #[Test]
    public function nobody_writes_over_another_s_words_without_knowing(): void
    {
        [$planner, $other] = [self::user('planner'), self::user('owner')];
        $report = Fixture::report($this->system, $planner, sent: false);
        $read = fn (User $user): string => self::props($this->actingAs($user)->get("/reports/{$report->id}"))['stamp'];
        $write = fn (User $user, string $words, string $stamp) => $this->actingAs($user)->put("/reports/{$report->id}", [
            'words' => $words,
            'recommendations' => [],
            'stamp' => $stamp,
        ]);
        [$mine, $theirs] = [$read($planner), $read($other)];
        self::assertSame($mine, $theirs);
        $write($other, 'All calm.', $theirs)->assertSessionHasNoErrors();
        $write($planner, 'Quiet week.', $mine)->assertSessionHasErrors([
            'stamp' => "Changed meanwhile by {$other->name}. What you typed stays on this page.",
        ]);
        self::assertSame('All calm.', $report->refresh()->content['words']);
        $write($planner, 'Quiet week.', $read($planner))->assertSessionHasNoErrors();
        $write($other, 'Over it.', '')->assertSessionHasNoErrors();
        self::assertSame('Over it.', $report->refresh()->content['words']);
    }
}
