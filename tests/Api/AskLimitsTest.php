<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Api\AskDesk;
use Illuminate\Support\Facades\Cache;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Tests\TestCase;

/** No question from outside holds up the house: what it brings, how long it takes, how many at once. */
final class AskLimitsTest extends TestCase
{
    #[Test]
    #[DataProvider('sizes')]
    public function what_a_question_may_bring(string $body, bool $isTaken): void
    {
        $token = self::user('planner')->createToken('t', ['ask'])->plainTextToken;
        $status = $this->withToken($token)
            ->call('POST', '/api/v1/ask/seawater', server: [
                'HTTP_AUTHORIZATION' => "Bearer {$token}",
                'CONTENT_TYPE' => 'application/json',
                'HTTP_ACCEPT' => 'application/json',
            ], content: $body)
            ->getStatusCode();
        self::assertSame($isTaken, $status !== 413, "status {$status}");
    }

    /** @return iterable<string, array{string, bool}> */
    public static function sizes(): iterable
    {
        $list = fn (int $n): string => (string) json_encode(['x' => array_fill(0, $n, 1)]);
        $lists = fn (int $n): string => (string) json_encode(['x' => array_fill(0, $n, array_fill(0, 999, 1))]);
        yield 'a list of 2 000' => [$list(AskDesk::LONGEST_LIST), true];
        yield 'a list of 2 001' => [$list(AskDesk::LONGEST_LIST + 1), false];
        yield 'nineteen thousand values' => [$lists(19), true];
        yield 'twenty-one thousand values' => [$lists(21), false];
        yield 'a million bytes' => ['{"x":"'.str_repeat('a', 99_000).'"}', true];
        yield 'more' => ['{"x":"'.str_repeat('a', AskDesk::MOST_BYTES).'"}', false];
        yield 'deep' => [str_repeat('[', 20).str_repeat(']', 20), true];
        yield 'deeper' => [str_repeat('[', 30).str_repeat(']', 30), false];
    }

    #[Test]
    public function how_long_it_may_take(): void
    {
        [$answer, $ok] = (new AskDesk())->ask('seawater', '{"tempC": 25, "salinity": 35}', 'me');
        self::assertTrue($ok);
        self::assertJson($answer);
        try {
            (new AskDesk(longestS: 0.001))->ask('seawater', '{"tempC": 25, "salinity": 35}', 'me');
            self::fail('a question without end was waited for');
        } catch (HttpException $e) {
            self::assertSame(422, $e->getStatusCode());
            self::assertStringContainsString('takes longer', $e->getMessage());
        }
        // Its place is free again.
        self::assertTrue((new AskDesk())->ask('seawater', '{"tempC": 25, "salinity": 35}', 'me')[1]);
    }

    #[Test]
    public function how_many_at_once_for_a_token_and_for_all(): void
    {
        $ask = fn (string $who): bool => (new AskDesk())->ask('seawater', '{"tempC": 25, "salinity": 35}', $who)[1];
        $status = fn (\Throwable $e): int => $e instanceof HttpException ? $e->getStatusCode() : 0;
        $busy = fn (callable $do) => rescue(fn () => $do(), $status, report: false);
        $held = [Cache::lock('ask|me|0', 60), Cache::lock('ask|me|1', 60)];
        array_map(fn ($lock) => $lock->get(), $held);
        self::assertSame(429, $busy(fn () => $ask('me')));
        self::assertTrue($ask('you'));
        array_map(fn ($lock) => $lock->release(), $held);
        self::assertTrue($ask('me'));
        $all = array_map(fn (int $n) => Cache::lock("ask|all|{$n}", 60), range(0, AskDesk::AT_ONCE - 1));
        array_map(fn ($lock) => $lock->get(), $all);
        self::assertSame(429, $busy(fn () => $ask('you')));
        $all[1]->release();
        self::assertTrue($ask('you'));
    }
}
