<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Api\OpenApi;
use App\Systems\Reading;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use Tests\Fixture;
use Tests\TestCase;
use Velbrin\Core\Ask\Desk;

/** Programs ask and read with a token: only what it is made for, only what its owner may see. */
final class ApiTest extends TestCase
{
    private System $system;

    private User $client;

    protected function setUp(): void
    {
        parent::setUp();
        $this->system = Fixture::system(self::site(), self::user('planner'), '=Reef');
        $this->client = self::user('client', $this->system->site?->client_id);
        Reading::query()->create([
            'system_id' => $this->system->id,
            'parameter' => 'alkalinity',
            'taken_at' => now()->subDay(),
            'value' => 8.1,
            'given_value' => 8.1,
            'given_unit' => 'dKH',
            'method' => 'kit',
            'instrument' => '=cmd()',
            'user_id' => $this->client->id,
            'client_uuid' => (string) Str::uuid(),
        ]);
    }

    #[Test]
    public function a_token_opens_what_it_is_made_for_and_dies_with_its_owner(): void
    {
        foreach (
            [
                'questions',
                'systems',
                "systems/{$this->system->id}",
                "systems/{$this->system->id}/readings",
                'visits',
                'visits.csv',
            ] as $path
        ) {
            $this->getJson("/api/v1/{$path}")->assertUnauthorized();
        }
        $this->actingAs($this->client)->getJson('/api/v1/systems')->assertUnauthorized();
        $this->postJson('/settings/tokens', [
            'name' => 'Screen',
            'abilities' => ['everything'],
            'days' => 30,
        ])->assertStatus(422);
        $made = (string) $this->postJson('/settings/tokens', [
            'name' => 'Screen',
            'abilities' => ['systems:read', 'readings:read'],
            'days' => 30,
        ])
            ->assertOk()
            ->json('token');
        self::assertDatabaseMissing('personal_access_tokens', ['token' => $made]);
        auth()->logout();
        $as = fn (): self => $this->fresh()->withToken($made);
        self::assertSame('=Reef', $as()->getJson('/api/v1/systems')->assertOk()->json('data.0.name'));
        $as()->getJson('/api/v1/visits')->assertForbidden();
        $as()
            ->postJson('/api/v1/ask/seawater', ['tempC' => 25, 'salinity' => 35])
            ->assertForbidden();
        $elsewhere = Fixture::system(self::site('Other', 'Elsewhere'), self::user('planner'), 'Not yours');
        $as()
            ->getJson("/api/v1/systems/{$elsewhere->id}")
            ->assertForbidden();
        $as()
            ->getJson("/api/v1/systems/{$elsewhere->id}/readings")
            ->assertForbidden();
        self::assertCount(1, (array) $as()->getJson('/api/v1/systems')->json('data'));
        $this->client->archive();
        $as()->getJson('/api/v1/systems')->assertUnauthorized();
    }

    #[Test]
    public function the_core_answers_as_on_the_command_line(): void
    {
        $planner = self::user('planner');
        $token = $planner->createToken('t', ['ask'])->plainTextToken;
        $input = ['tempC' => 25, 'salinity' => 35];
        $answer = $this->withToken($token)->postJson('/api/v1/ask/seawater', $input)->assertOk();
        self::assertSame((new Desk())->ask('seawater', (string) json_encode($input))[0], $answer->getContent());
        $wrong = $this->fresh()
            ->withToken($token)
            ->postJson('/api/v1/ask/seawater', ['tempC' => 900, 'salinity' => 35])
            ->assertStatus(422);
        self::assertSame('tempC', $wrong->json('error.field'));
        $this->fresh()->withToken($token)->postJson('/api/v1/ask/weather', [])->assertNotFound();
        $this->fresh()
            ->withToken($token)
            ->call(
                'POST',
                '/api/v1/ask/seawater',
                server: ['HTTP_AUTHORIZATION' => "Bearer {$token}"],
                content: '{"tempC": ',
            )
            ->assertStatus(422);
    }

    #[Test]
    public function visits_tell_a_client_when_and_what_and_not_who_or_why(): void
    {
        Fixture::visit($this->system, Fixture::crew(self::user('technician')), 'glass');
        Fixture::visit($this->system);
        $token = $this->client->createToken('t', ['visits:read'])->plainTextToken;
        $visits = (array) $this->withToken($token)->getJson('/api/v1/visits')->assertOk()->json('data');
        self::assertCount(1, $visits, 'an unplanned visit is ours alone');
        self::assertSame([null, ['=Reef: Glass']], [$visits[0]['crew'], $visits[0]['work']]);
        $stranger = self::user('client', self::site('Other', 'Elsewhere')->client_id)->createToken('t', ['visits:read'])
            ->plainTextToken;
        $this->fresh()
            ->withToken($stranger)
            ->getJson("/api/v1/visits/{$visits[0]['id']}")
            ->assertNotFound();
        $csv = $this->fresh()->withToken($token)->get('/api/v1/visits.csv')->assertOk();
        self::assertStringContainsString("'=Reef", $csv->streamedContent());
    }

    #[Test]
    public function a_table_of_readings_runs_nothing_in_a_spreadsheet(): void
    {
        $rows = array_map(
            fn (string $l): array => str_getcsv($l, escape: ''),
            explode(
                "\n",
                trim(
                    $this->actingAs($this->client)
                        ->get("/systems/{$this->system->id}/readings.csv?parameter=alkalinity")
                        ->assertOk()
                        ->streamedContent(),
                ),
            ),
        );
        self::assertSame(['taken_at', 'parameter', 'value'], array_slice($rows[0], 0, 3));
        self::assertSame(['alkalinity', '8.1', "'=cmd()"], [$rows[1][1], $rows[1][2], $rows[1][7]]);
        $this->get("/systems/{$this->system->id}/readings.csv?from=soon")->assertSessionHasErrors('from');
    }

    #[Test]
    public function the_description_holds_every_route_and_question_and_its_links_lead_somewhere(): void
    {
        $document = $this->getJson('/api/openapi.json')->assertOk()->json();
        self::assertSame('3.1.0', $document['openapi']);
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), OpenApi::PREFIX) && ! str_contains($route->uri(), '{question}')) {
                self::assertArrayHasKey(
                    strtolower($route->methods()[0]),
                    $document['paths']['/'.substr($route->uri(), strlen(OpenApi::PREFIX))],
                );
            }
        }
        foreach (array_keys(Desk::QUESTIONS) as $question) {
            self::assertArrayHasKey('requestBody', $document['paths']["/ask/{$question}"]['post']);
        }
        preg_match_all(
            '~"#/components/schemas/(\w+)"~',
            (string) json_encode($document, JSON_UNESCAPED_SLASHES),
            $links,
        );
        self::assertNotEmpty($links[1]);
        foreach ($links[1] as $name) {
            self::assertArrayHasKey($name, $document['components']['schemas']);
        }
        $row = $this->withToken(self::user('owner')->createToken('t', ['systems:read'])->plainTextToken)
            ->getJson('/api/v1/systems')
            ->json('data.0');
        self::assertEqualsCanonicalizing(
            $document['components']['schemas']['System']['required'],
            array_keys($row),
            'what is answered is what is described',
        );
        self::assertSame(1, DB::table('personal_access_tokens')->count());
    }

    /** Each call as a program makes it: nobody is remembered. */
    private function fresh(): self
    {
        auth()->forgetGuards();
        $this->flushHeaders();

        return $this;
    }
}
