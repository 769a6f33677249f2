<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Ask;

use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\TestCase;
use Velbrin\Core\Ask\Desk;

/** The worked examples of the published contract, answered through the same door as everyone's. */
final class ContractTest extends TestCase
{
    /** @return iterable<string, array{0: string, 1: object, 2: array<string, mixed>}> */
    public static function examples(): iterable
    {
        foreach (self::read() as $i => $example) {
            if (isset(Desk::QUESTIONS[$example->question])) {
                yield "{$example->question} #{$i}" => [
                    $example->question,
                    $example->input,
                    json_decode((string) json_encode($example->output), true),
                ];
            }
        }
    }

    #[Test]
    public function every_question_of_the_contract_is_served(): void
    {
        $names = array_unique(array_map(fn (object $e): string => $e->question, self::read()));

        self::assertSame([], array_values(array_diff($names, array_keys(Desk::QUESTIONS))));
    }

    /** @param  array<string, mixed>  $expected */
    #[Test]
    #[DataProvider('examples')]
    public function it_agrees_with_the_worked_example(string $question, object $input, array $expected): void
    {
        [$json, $ok] = (new Desk())->ask($question, (string) json_encode($input));
        self::assertSame(! isset($expected['error']), $ok, $json);
        self::agree($expected, json_decode($json, true), $question);

        $schema = (new Desk())->schema($question);
        if (! $ok) {
            return;
        }
        foreach (['input' => $input, 'output' => json_decode($json)] as $side => $value) {
            $result = (new Validator())->validate($value, Helper::toJSON($schema[$side]));
            self::assertTrue($result->isValid(), "{$question} {$side} does not match its own schema");
        }
    }

    /** @return list<object{question: string, input: object, output: object}> */
    private static function read(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/examples.json'));
    }

    private static function agree(mixed $expected, mixed $actual, string $at): void
    {
        if (is_array($expected)) {
            self::assertIsArray($actual, $at);
            foreach ($expected as $key => $value) {
                self::assertArrayHasKey($key, $actual, $at);
                self::agree($value, $actual[$key], "{$at}.{$key}");
            }

            return;
        }
        if (is_int($expected) || is_float($expected)) {
            self::assertIsNumeric($actual, $at);
            self::assertEqualsWithDelta($expected, $actual, max(1e-6, abs($expected) * 1e-3), $at);

            return;
        }
        self::assertSame($expected, $actual, $at);
    }
}
