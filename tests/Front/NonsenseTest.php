<?php

declare(strict_types=1);

namespace Tests\Front;

use App\Team\User;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Routing\Route;
use Laravel\Sanctum\Sanctum;
use PHPUnit\Framework\Attributes\Test;
use Tests\TestCase;
use Velbrin\Core\Ask\Desk;

/**
 * Requests nobody would send by hand, made from a seed: every form answers in words, none with an error of ours.
 * VELBRIN_NONSENSE sets how many per route (bin/attack asks for many), VELBRIN_SEED where the row begins.
 */
final class NonsenseTest extends TestCase
{
    use EveryRoute;

    /** These end the very access the others need. */
    private const ENDS_ACCESS = ['sign-out', 'people.archive'];

    #[Test]
    public function nonsense_is_refused_in_words_and_breaks_nothing(): void
    {
        $this->withoutMiddleware([ValidateCsrfToken::class, ThrottleRequests::class]);
        config()->set('mail.default', 'catcher');
        $fields = self::fields();
        $seed = (int) (getenv('VELBRIN_SEED') ?: 1);
        mt_srand($seed);
        $sent = 0;
        $broken = [];
        foreach ($this->routes() as $route) {
            if (in_array($route->getName(), self::ENDS_ACCESS, true)) {
                continue;
            }
            [$uri] = $this->world($route);
            $owner = self::user('owner');
            for ($n = 0; $n < (int) (getenv('VELBRIN_NONSENSE') ?: 4); $n++) {
                $wrong = $this->send($route, $uri, $owner, self::mixture($fields, $n, $route->methods()[0] === 'GET'));
                $sent++;
                if ($wrong !== null) {
                    $broken[] = "{$route->getName()}: {$wrong}";
                }
            }
        }

        self::assertGreaterThan(800, $sent);
        self::assertSame([], array_values(array_unique($broken)), "seed {$seed}");
    }

    #[Test]
    public function a_question_of_nonsense_has_an_answer_in_words(): void
    {
        $this->withoutMiddleware([ThrottleRequests::class]);
        Sanctum::actingAs(self::user('planner'), ['ask']);
        mt_srand((int) (getenv('VELBRIN_SEED') ?: 1));
        foreach (array_keys(Desk::lines()) as $question) {
            $fields = self::inputs((new Desk())->schema($question));
            // Each is a process of its own here; the core's tests ask its questions by the thousand.
            for ($n = 0; $n < (int) (getenv('VELBRIN_NONSENSE') ?: 2); $n++) {
                $body = json_encode(self::mixture($fields, $n, false), JSON_INVALID_UTF8_IGNORE);
                $body = $n === 1 ? str_replace('"1e400"', '1e400', (string) $body) : (string) $body;
                $status = $this->call('POST', "/api/v1/ask/{$question}", server: [
                    'CONTENT_TYPE' => 'application/json',
                    'HTTP_ACCEPT' => 'application/json',
                ], content: $body)->getStatusCode();
                self::assertContains($status, [200, 413, 422], $question);
            }
        }
    }

    /**
     * @param  array<mixed>  $schema
     * @return list<string> what the question asks for, at the top
     */
    private static function inputs(array $schema): array
    {
        $input = $schema['input'] ?? $schema['properties']['input'] ?? $schema;

        return array_map(strval(...), array_keys($input['properties'] ?? []));
    }

    /** @param  array<string, mixed>  $fields */
    private function send(Route $route, string $uri, User $owner, array $fields): ?string
    {
        $method = $route->methods()[0];
        $isAsked = $method === 'GET';
        $path = $isAsked ? $uri.(str_contains($uri, '?') ? '&' : '?').http_build_query($fields) : $uri;
        $server = mt_rand(0, 1) === 1 ? ['HTTP_ACCEPT' => 'application/json'] : [];
        try {
            $asGuest = in_array('guest', $route->gatherMiddleware(), true);
            $caller = $asGuest ? $this : $this->actingAs($owner);
            $caller->call($method, $path, $isAsked ? [] : $fields, server: $server);
        } catch (\Throwable $e) {
            return mb_strimwidth(mb_scrub($e->getMessage()), 0, 140).' @ '.basename($e->getFile()).":{$e->getLine()}";
        }

        return null;
    }

    /**
     * First nothing but one kind of nonsense for all, then plausible words with some nonsense between them.
     *
     * @param  list<string>  $fields
     * @return array<string, mixed>
     */
    private static function mixture(array $fields, int $n, bool $isAsked): array
    {
        $nonsense = self::nonsense($isAsked);
        $plausible = self::plausible();
        $only = $nonsense[mt_rand(0, count($nonsense) - 1)];
        $given = [];
        foreach ($fields as $field) {
            $given[$field] = match (true) {
                $n === 0 => $only,
                mt_rand(0, 9) === 0 => $nonsense[mt_rand(0, count($nonsense) - 1)],
                default => $plausible[mt_rand(0, count($plausible) - 1)],
            };
        }

        return $given;
    }

    /** @return list<mixed> */
    private static function nonsense(bool $isAsked): array
    {
        return [
            ['x', ['y']],
            null,
            '1e400',
            9.9e18,
            -9223372036854775807,
            "\xB1\x31\xff",
            "a\0b\u{202E}c",
            str_repeat('lang ', $isAsked ? 3 : 200),
            '2026-02-31',
            '9999999-01-01',
            true,
            ['id' => ['id' => 1], 'name' => null, 'values' => 'x', 'rows' => 7],
            -1,
            '',
            [[]],
        ];
    }

    /** @return list<mixed> */
    private static function plausible(): array
    {
        return [1, '7', 2.5, 'mon', 'ok', 'a word or two', gmdate('Y-m-d'), '09:30', true, [1], ['mon'], 'measured', 0, 'EUR'];
    }

    /** @return list<string> every name a request is asked for anywhere */
    private static function fields(): array
    {
        $names = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(base_path('app'))) as $file) {
            if (! $file instanceof \SplFileInfo || $file->getExtension() !== 'php' || ! str_contains($file->getPathname(), '/Http/')) {
                continue;
            }
            $source = (string) file_get_contents($file->getPathname());
            preg_match_all("/'([a-z][a-zA-Z_]*)(?:\.[^']*)?' => \[/", $source, $rules);
            preg_match_all("/->(?:input|string|integer|boolean|query|filled|date|float|array|collect)\('([a-zA-Z_]+)'/", $source, $asked);
            array_push($names, ...$rules[1], ...$asked[1]);
        }
        sort($names);

        return array_values(array_unique($names));
    }
}
