<?php

declare(strict_types=1);

namespace Velbrin\Core\Tests\Ask;

use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;
use Velbrin\Core\Ask\Desk;

/** Asks as a program would, and holds every question and answer to its own schema. */
trait AsksTheDesk
{
    /**
     * @param  array<string, mixed>  $input
     * @return array<string, mixed>
     */
    private static function ask(string $question, array $input): array
    {
        [$json, $ok] = (new Desk())->ask($question, (string) json_encode($input));
        self::assertTrue($ok, $json);
        $schema = (new Desk())->schema($question);
        foreach (
            ['input' => json_decode((string) json_encode($input)), 'output' => json_decode($json)] as $side => $value
        ) {
            $result = (new Validator())->validate($value, Helper::toJSON($schema[$side]));
            self::assertTrue(
                $result->isValid(),
                "{$question} {$side} does not match its own schema: ".json_encode($result->error()?->message()),
            );
        }

        return json_decode($json, true);
    }

    /** @param  array<string, mixed>  $input */
    private static function refused(string $question, array $input): string
    {
        [$json, $ok] = (new Desk())->ask($question, (string) json_encode($input));
        self::assertFalse($ok);

        return $json;
    }
}
