<?php

declare(strict_types=1);

namespace Tests\Clients;

use App\Clients\Attachment;
use App\Clients\Client;
use App\Clients\Data\ClientExport;
use App\Clients\Data\ClientRows;
use App\Clients\Data\EraseClient;
use App\Clients\Data\MakeExport;
use App\House\LedgerCheck;
use App\House\TrailLine;
use App\Rounds\FollowUp;
use App\Systems\System;
use App\Team\User;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use ZipArchive;

/** Everything about one client leaves as a file, or is erased; nobody else's is touched. */
final class ClientDataTest extends TestCase
{
    private User $owner;

    private Client $client;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutMiddleware([ValidateCsrfToken::class]);
        Storage::fake('local');
        $this->owner = self::user('owner');
        $this->client = $this->household('Vellamo');
    }

    /** Somebody with a place, a reader, a system with a visit and its report, a photo and words everywhere. */
    private function household(string $name): Client
    {
        $site = self::site("Family {$name}", "{$name} house");
        $site->update([
            'street' => "{$name} road 3",
            'town' => "{$name}ville",
            'access_note' => "Ring at {$name}",
            'parking' => "behind {$name}",
            'residents' => "{$name} and two more",
            'lat' => 51.2,
            'lon' => 1.1,
        ]);
        $client = $site->client()->firstOrFail();
        $client->update(['note' => "{$name} pays late"]);
        $client->contacts()->create([
            'name' => "{$name} the elder",
            'phone' => '0100 555',
            'email' => "{$name}@home.example",
            'site_id' => $site->id,
        ]);
        $site->codes()->create(['label' => "Gate of {$name}", 'code' => "{$name}-4711"]);
        $site->rooms()->create(['name' => "{$name}’s study"]);
        $reader = self::user('client', $client->id);
        $reader->update(['name' => "{$name} the younger", 'phone' => '0100 556']);
        $planner = User::query()->where('role', 'planner')->first() ?? self::user('planner');
        $plan = Fixture::plan($site, $planner);
        $plan->update(['name' => "Reef for {$name}"]);
        $system = Fixture::system($site, $planner, "{$name} reef");
        $system->standingNotes()->create(['text' => "{$name} wants no snails", 'user_id' => $planner->id]);
        Fixture::visit($system);
        $report = Fixture::report($system, $planner, sent: true);
        DB::table('report_mails')->insert(['report_id' => $report->id, 'address' => "{$name}@home.example", 'state' => 'gone']);
        FollowUp::query()->create([
            'system_id' => $system->id,
            'kind' => 'follow-up',
            'text' => 'look again',
            'owner_id' => $planner->id,
            'due_on' => '2026-12-01',
        ]);
        Storage::disk('local')->put("attachments/{$name}", 'a photo');
        Attachment::query()->create([
            'subject_type' => 'site',
            'subject_id' => $site->id,
            'kind' => Attachment::PHOTO,
            'caption' => "{$name} at the door",
            'original_name' => "{$name}.jpg",
            'mime' => 'image/jpeg',
            'bytes' => 7,
            'sha256' => hash('sha256', 'a photo'),
            'path' => "attachments/{$name}",
            'user_id' => $planner->id,
        ]);

        return $client->refresh();
    }

    #[Test]
    public function every_table_that_leads_to_a_client_is_decided_about(): void
    {
        $kept = array_merge(...array_values(EraseClient::KEPT));
        $decided = [...array_keys(EraseClient::ERASED), ...$kept];
        self::assertSame([], array_intersect(array_keys(EraseClient::ERASED), $kept));
        // By the keys of the database: whatever can belong to a client, whether this one has it or not.
        $reached = ['clients', 'attachments', 'activity_log', ...array_keys(ClientRows::WITHOUT_NUMBER)];
        do {
            $before = count($reached);
            foreach (DB::select(
                'select table_name as t, referenced_table_name as r, column_name as c from information_schema.key_column_usage
                 where table_schema = ? and referenced_table_name is not null',
                [DB::connection()->getDatabaseName()],
            ) as $key) {
                $leads = in_array($key->r, array_diff($reached, ['users', 'attachments']), true) && $key->c !== 'user_id';
                if ($leads && ! in_array($key->t, $reached, true)) {
                    $reached[] = $key->t;
                }
            }
        } while (count($reached) > $before);
        self::assertEqualsCanonicalizing($reached, $decided);
    }

    #[Test]
    public function the_file_holds_everything_of_this_client_and_nothing_of_another(): void
    {
        $this->household('Ondine');
        $this->actingAs($this->owner)->post("/clients/{$this->client->id}/data")->assertSessionHas('said');
        $export = ClientExport::query()->sole();
        self::assertSame(ClientExport::READY, $export->state);
        $zip = new ZipArchive();
        self::assertTrue($zip->open(Storage::disk('local')->path((string) $export->path)));
        $all = '';
        $schema = json_decode((string) $zip->getFromName('schema.json'));
        $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
        foreach ($manifest['rows'] as $table => $count) {
            $rows = json_decode((string) $zip->getFromName("data/{$table}.json"));
            self::assertCount($count, $rows, $table);
            $result = (new Validator())->validate($rows, $schema->{'$defs'}->{$table});
            self::assertTrue($result->isValid(), "{$table}: ".json_encode($result->error()?->args()));
            self::assertSame($count + 1, substr_count((string) $zip->getFromName("data/{$table}.csv"), "\n"), "{$table}.csv");
            $all .= $zip->getFromName("data/{$table}.json");
        }
        $theirs = ['Family Vellamo', 'Vellamo road 3', 'Vellamo the elder', 'Vellamo the younger', 'wants no snails', 'Reef for Vellamo'];
        foreach ($theirs as $words) {
            self::assertStringContainsString($words, $all);
        }
        self::assertStringNotContainsString('Ondine', $all);
        foreach (['password', 'Vellamo-4711', 'remember_token', '"code"'] as $secret) {
            self::assertStringNotContainsString($secret, $all);
        }
        $photo = Attachment::query()->where('original_name', 'Vellamo.jpg')->sole();
        self::assertSame('a photo', $zip->getFromName("files/{$photo->id}-Vellamo.jpg"));
        $this->get("/clients/{$this->client->id}/data/{$export->id}")->assertOk()->assertHeader('Content-Type', 'application/zip');
        self::assertSame(1, TrailLine::query()->where('event', 'export')->count());
        $other = Client::query()->where('name', 'Family Ondine')->sole();
        $this->get("/clients/{$other->id}/data/{$export->id}")->assertNotFound();
    }

    #[Test]
    public function a_file_is_taken_away_after_its_days(): void
    {
        $this->freezeTime();
        $this->actingAs($this->owner)->post("/clients/{$this->client->id}/data");
        $export = ClientExport::query()->sole();
        $path = (string) $export->path;
        $this->travel(7)->days();
        ClientExport::endOld();
        Storage::disk('local')->assertExists($path);
        $this->travel(1)->seconds();
        ClientExport::endOld();
        Storage::disk('local')->assertMissing($path);
        self::assertSame(ClientExport::GONE, $export->refresh()->state);
        $this->get("/clients/{$this->client->id}/data/{$export->id}")->assertNotFound();
    }

    #[Test]
    public function one_that_breaks_says_so(): void
    {
        $export = ClientExport::query()->create([
            'client_id' => $this->client->id,
            'user_id' => $this->owner->id,
            'state' => ClientExport::WAITING,
        ]);
        $this->actingAs($this->owner)->post("/clients/{$this->client->id}/data")->assertSessionHasErrors('export');
        (new MakeExport($export->id))->failed(null);
        self::assertSame(ClientExport::FAILED, $export->refresh()->state);
    }

    #[Test]
    public function erased_nothing_names_them_and_the_work_and_other_people_s_stay(): void
    {
        $other = $this->household('Ondine');
        $this->actingAs($this->owner)->post("/clients/{$this->client->id}/data");
        $erase = fn (string $name, string $why = 'as they asked') => $this->actingAs($this->owner)->post(
            "/clients/{$this->client->id}/erase",
            ['name' => $name, 'reason' => $why],
        );
        $erase('Family Vellamo')->assertSessionHasErrors('name');
        System::query()->whereHas('site', fn ($s) => $s->where('client_id', $this->client->id))->update(['archived_at' => now()]);
        $this->client->archive();
        $erase('Family Vellam')->assertSessionHasErrors('name');
        $erase('Family Vellamo', '')->assertSessionHasErrors('reason');
        self::assertTrue(str_contains($this->everything(), 'Vellamo road'));
        $theirs = $this->of($other);
        $counts = array_map(count(...), (new ClientRows($this->client->id))->ids());

        $erase('Family Vellamo')->assertSessionHasNoErrors();

        $left = $this->everything();
        self::assertFalse(stripos($left, 'vellamo'), $this->around($left));
        self::assertSame($theirs, $this->of($other));
        $after = array_map(count(...), (new ClientRows($this->client->id))->ids());
        foreach ($counts as $table => $count) {
            self::assertGreaterThanOrEqual($count, $after[$table] ?? 0, "{$table}: rows stay");
        }
        Storage::disk('local')->assertMissing('attachments/Vellamo');
        Storage::disk('local')->assertExists('attachments/Ondine');
        self::assertTrue(User::query()->where('client_id', $this->client->id)->sole()->isArchived());
        self::assertSame([], LedgerCheck::run()->faults);
        self::assertSame('as they asked', TrailLine::query()->where('event', 'client-erased')->sole()->properties?->get('reason'));
        // Again it finds nothing to erase.
        $erase('Erased client '.$this->client->id)->assertSessionHasErrors('name');
    }

    #[Test]
    public function only_an_owner_takes_out_or_erases(): void
    {
        foreach (['planner', 'technician'] as $role) {
            $user = $this->actingAs(self::user($role));
            $user->get("/clients/{$this->client->id}/data")->assertForbidden();
            $user->post("/clients/{$this->client->id}/erase", ['name' => 'Family Vellamo', 'reason' => 'x'])->assertForbidden();
        }
        self::assertNull($this->client->refresh()->erased_at);
    }

    /** All words of the database but of reports, which are proof of the work. */
    private function everything(): string
    {
        $said = '';
        foreach (DB::select('select table_name as t from information_schema.tables where table_schema = database() order by 1') as $table) {
            if (! in_array($table->t, ['reports', 'plan_versions', 'kept_answers'], true)) {
                $said .= "\n{$table->t}: ".json_encode(DB::table($table->t)->get(), JSON_UNESCAPED_UNICODE);
            }
        }

        return $said;
    }

    private function around(string $left): string
    {
        $at = stripos($left, 'vellamo');

        return $at === false ? '' : substr($left, max(0, $at - 200), 300);
    }

    /** @return array<string, list<string>> */
    private function of(Client $client): array
    {
        $rows = new ClientRows($client->id);
        $said = [];
        foreach ($rows->tables() as $table) {
            foreach ($rows->rows($table) as $row) {
                $said[$table][] = (string) json_encode($row);
            }
        }

        return $said;
    }
}
