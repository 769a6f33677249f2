<?php

declare(strict_types=1);

namespace Tests\House;

use App\House\HouseValidator;
use App\House\Http\SaneInput;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\ValidationException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** The one boundary of what comes in, each limit on both sides. */
final class SaneInputTest extends TestCase
{
    private static function passes(Request $request): bool
    {
        try {
            (new SaneInput())->handle($request, fn (): Response => new Response('in'));

            return true;
        } catch (ValidationException) {
            return false;
        }
    }

    private static function body(string $body): Request
    {
        return Request::create('/x', 'POST', server: ['CONTENT_TYPE' => 'application/json'], content: $body);
    }

    #[Test]
    #[DataProvider('bodies')]
    public function what_a_body_may_hold(string $body, bool $isIn): void
    {
        self::assertSame($isIn, self::passes(self::body($body)));
    }

    /** @return iterable<string, array{string, bool}> */
    public static function bodies(): iterable
    {
        $deep = fn (int $n): string => str_repeat('{"a":', $n).'1'.str_repeat('}', $n);
        yield 'words of many tongues' => ['{"a":"Öl ≥ 3 % — 水, مرحبا"}', true];
        yield 'lines and tabs' => ['{"a":"one\ntwo\tthree"}', true];
        yield 'a zero byte' => ['{"a":"x\u0000y"}', false];
        yield 'an escape' => ['{"a":"x\u001by"}', false];
        yield 'a turn of direction' => ['{"a":"x\u202ey"}', false];
        yield 'an isolate' => ['{"a":"x\u2066y"}', false];
        yield 'in the name of a field' => ['{"x\u202ey":1}', false];
        yield 'a number without end' => ['{"a":1e400}', false];
        yield 'the same as words' => ['{"a":"1e400"}', false];
        yield 'a great number' => ['{"a":1e15}', true];
        yield 'a greater one' => ['{"a":1.1e15}', false];
        yield 'a long serial number as words' => ['{"a":"12345678901234567890"}', true];
        yield 'a long text' => ['{"a":"'.str_repeat('x', 100_000).'"}', true];
        yield 'a longer one' => ['{"a":"'.str_repeat('x', 100_001).'"}', false];
        yield 'twenty thousand values' => ['{"a":['.implode(',', array_fill(0, 19_999, '1')).']}', true];
        yield 'one more' => ['{"a":['.implode(',', array_fill(0, 20_000, '1')).']}', false];
        yield 'sixteen levels' => [$deep(17), true];
        yield 'seventeen' => [$deep(18), false];
        yield 'a long name of a field' => ['{"'.str_repeat('n', 120).'":1}', true];
        yield 'a longer one of a field' => ['{"'.str_repeat('n', 121).'":1}', false];
    }

    #[Test]
    public function the_address_line_carries_words_and_lists(): void
    {
        self::assertTrue(self::passes(Request::create('/x?q=words&plans[]=1&plans[]=2')));
        self::assertFalse(self::passes(Request::create('/x?a[b][c][d]=1')));
        self::assertTrue(self::passes(Request::create('/x?q='.str_repeat('x', 4_000))));
        self::assertFalse(self::passes(Request::create('/x?q='.str_repeat('x', 4_001))));
        self::assertFalse(self::passes(Request::create('/x?q=%B1%31%FF')));
    }

    #[Test]
    #[DataProvider('days')]
    public function a_day_is_words_in_a_year_somebody_may_live_in(mixed $day, bool $isOne): void
    {
        $check = Validator::make(['on' => $day], ['on' => ['date']]);
        self::assertInstanceOf(HouseValidator::class, $check);
        self::assertSame($isOne, $check->passes());
        // Compared with another it is refused just so, never an error.
        self::assertSame($isOne, Validator::make(['on' => $day], ['on' => ['after:1890-01-01', 'before:2300-01-01']])->passes());
    }

    /** @return iterable<string, array{mixed, bool}> */
    public static function days(): iterable
    {
        yield 'a day' => ['2026-11-27', true];
        yield 'the first' => ['1900-01-01', true];
        yield 'before it' => ['1899-12-31', false];
        yield 'the last' => ['2200-12-31', true];
        yield 'after it' => ['2201-01-01', false];
        yield 'a number' => [20261127, false];
        yield 'a list' => [['2026-11-27'], false];
        yield 'no day' => ['soon or later', false];
    }

    #[Test]
    public function a_day_after_that_of_a_field_which_is_none_is_refused_and_breaks_nothing(): void
    {
        $passes = fn (mixed $from, mixed $until, string $rule): bool => Validator::make(
            ['from' => $from, 'until' => $until],
            ['until' => [$rule, 'after:from']],
        )->passes();
        foreach (['date', 'date_format:Y-m-d'] as $rule) {
            self::assertTrue($passes('2026-11-27', '2026-11-28', $rule));
            self::assertFalse($passes('2026-11-28', '2026-11-28', $rule));
            foreach ([['2026-11-27'], 20261127, true, ['a' => []]] as $none) {
                self::assertFalse($passes($none, '2026-11-28', $rule));
            }
        }
    }

    #[Test]
    public function what_is_short_is_one_line(): void
    {
        $is = fn (string $words, int $most): bool => Validator::make(['name' => $words], ['name' => ['string', "max:{$most}"]])->passes();
        self::assertTrue($is('one line', 160));
        self::assertFalse($is("one\nline", 160));
        self::assertFalse($is("one\u{2028}line", 60));
        self::assertTrue($is("a note\nof two lines", 161));
        $said = Validator::make(['name' => "a\nb"], ['name' => ['string', 'max:120']])->errors()->first();
        self::assertSame('The name stands on one line.', $said);
    }
}
