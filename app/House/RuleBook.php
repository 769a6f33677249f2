<?php

declare(strict_types=1);

namespace App\House;

use App\House\Views\RuleView;

/** The rules the findings quote: what each says, why, its formula and source. Held in resources/rules.json. */
final class RuleBook
{
    /** @return array<string, RuleView> by number */
    public static function all(): array
    {
        $rules = [];
        /** @var list<array{number: string, title: string, says: string, why: string, formula?: string, source?: string}> $raw */
        $raw = json_decode((string) file_get_contents(resource_path('rules.json')), true, 8, JSON_THROW_ON_ERROR);
        foreach ($raw as $rule) {
            $rules[$rule['number']] = new RuleView(
                $rule['number'],
                $rule['title'],
                $rule['says'],
                $rule['why'],
                $rule['formula'] ?? null,
                $rule['source'] ?? null,
            );
        }

        return $rules;
    }
}
