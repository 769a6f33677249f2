<?php

declare(strict_types=1);

namespace Tests;

use App\Clients\Client;
use App\Clients\Site;
use App\Team\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Http\Request;
use Illuminate\Testing\TestResponse;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;
use Tests\Demo\Town;

/** On a real MariaDB, and never on any database but the tests' own. */
abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    protected function beforeRefreshingDatabase(): void
    {
        Town::clear();
    }

    protected function refreshApplication(): void
    {
        parent::refreshApplication();
        $name = config()->string('database.connections.mariadb.database');
        if (! str_starts_with($name, 'velbrin_test')) {
            throw new RuntimeException("tests run on velbrin_test databases only, not on '{$name}'");
        }
    }

    /**
     * No request may end in an error of ours, whatever a test asks of its answer.
     *
     * @param  Response  $response
     * @param  Request|null  $request
     * @return TestResponse<Response>
     */
    protected function createTestResponse($response, $request = null): TestResponse
    {
        $answer = parent::createTestResponse($response, $request);
        if ($answer->getStatusCode() === 500) {
            throw $answer->exception ?? new RuntimeException('500 without an exception');
        }

        return $answer;
    }

    /**
     * What a page received, as the browser reads it.
     *
     * @return array<string, mixed>
     */
    protected static function props(TestResponse $response): array
    {
        return json_decode((string) json_encode($response->assertOk()->viewData('page')['props']), true);
    }

    protected static function user(string $role, ?int $clientId = null): User
    {
        static $n = 0;
        $n++;

        return User::query()
            ->forceCreate([
                'name' => ucfirst($role)." {$n}",
                'email' => "{$role}{$n}@test.example",
                'password' => 'a-long-enough-password',
                'role' => $role,
                'client_id' => $clientId,
            ])
            ->refresh();
    }

    protected static function site(string $client = 'Family Test', string $name = 'House'): Site
    {
        return Site::query()->create([
            'client_id' => Client::query()->firstOrCreate(['name' => $client])->id,
            'name' => $name,
            'timezone' => 'UTC',
        ]);
    }
}
