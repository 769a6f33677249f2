<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Liquid;

/**
 * What a set-up as JSON may hold, as JSON Schema (draft 2020-12): the same keys and kinds that SetupReader asks for. What hangs
 * together over several places (a probe that is named, a circle of followers) only the reader knows.
 */
final class SetupSchema
{
    private const NUMBER = ['type' => 'number'];

    private const AMOUNT = ['type' => 'number', 'minimum' => 0];

    private const WORDS = ['type' => 'string', 'minLength' => 1];

    private const YES_NO = ['type' => 'boolean'];

    private const LEVEL = ['oneOf' => [['enum' => ['on', 'off']], ['type' => 'number', 'minimum' => 0, 'maximum' => 1]]];

    /** @return array<string, mixed> */
    public static function json(): array
    {
        return self::object([
            'schema' => ['const' => SetupReader::SCHEMA],
            'probes' => self::list(self::probe()),
            'outlets' => self::list(self::outlet()),
            'guards' => self::list(self::guard()),
            'alarms' => self::list(self::alarm()),
            'names' => self::says(
                ['type' => 'object', 'additionalProperties' => self::WORDS],
                'of probes and switches, as people say them',
            ),
            'facts' => self::facts(),
        ], ['schema']);
    }

    /** @return array<string, mixed> */
    private static function probe(): array
    {
        return self::object([
            'id' => self::WORDS,
            'quantity' => self::WORDS,
            'resolution' => ['type' => 'number', 'exclusiveMinimum' => 0],
            'drift' => self::says(self::AMOUNT, 'between two calibrations'),
            'overdueDays' => self::says(self::NUMBER, 'since its calibration was due; below 0: it is not yet'),
            'dailyLow' => self::says(self::NUMBER, 'the 2nd of a hundred of the last fortnight'),
            'dailyHigh' => self::says(self::NUMBER, 'the 98th of a hundred'),
            'historyDays' => self::AMOUNT,
            'water' => self::says(self::WORDS, 'the vessel it hangs in'),
        ], ['id', 'quantity', 'resolution']);
    }

    /** @return array<string, mixed> */
    private static function outlet(): array
    {
        $pause = self::object(['state' => self::LEVEL, 's' => self::AMOUNT, 'timesADay' => self::AMOUNT], ['state', 's']);

        return self::object([
            'id' => self::WORDS,
            'place' => self::says(self::WORDS, 'what it is for, as people say it'),
            'rule' => ['oneOf' => self::rules()],
            'lostLink' => self::says(self::LEVEL, 'what it does without a link to its head; left out: nobody has said'),
            'lostLinkSummer' => self::LEVEL,
            'minimumOnS' => self::AMOUNT,
            'minimumOffS' => self::AMOUNT,
            'maximumOnS' => self::AMOUNT,
            'afterMaximum' => self::one(AfterMaximum::class),
            'restS' => self::AMOUNT,
            'powerReturnS' => self::AMOUNT,
            'pauses' => ['type' => 'object', 'additionalProperties' => $pause],
            'comesBack' => self::one(ComesBack::class),
            'reversed' => self::YES_NO,
            'override' => self::one(MayOverride::class),
            'hung' => self::hung(),
        ], ['id', 'place', 'rule']);
    }

    /** @return array<string, mixed> */
    private static function hung(): array
    {
        return self::object([
            'job' => self::one(Job::class),
            'watts' => self::AMOUNT,
            'strip' => self::WORDS,
            'water' => self::WORDS,
            'labelled' => self::YES_NO,
            'thermostatC' => self::says(self::NUMBER, 'where it stopped by itself, as somebody has seen'),
            'stripRatedW' => self::AMOUNT,
            'doses' => self::one(Liquid::class),
            'testedDaysAgo' => self::AMOUNT,
            'fillsL' => self::says(['type' => 'number', 'minimum' => 0.1], 'of a line from the mains: from its low level to its high one'),
            'spillTakesL' => self::says(self::AMOUNT, 'what tray, drain and overflow take'),
            'vesselAboveMm' => self::says(self::NUMBER, 'of a dosing head: its level over the end of its line, or below it'),
            'lineBreak' => self::says(self::YES_NO, 'its line lets air in, or ends above the water'),
            'lineBoreMm' => self::says(['type' => 'number', 'minimum' => 0.1], 'inside its tube'),
            'lineLengthM' => self::AMOUNT,
        ], ['job']);
    }

    /** @return list<array<string, mixed>> one for each kind */
    private static function rules(): array
    {
        $point = self::object(['minute' => self::AMOUNT, 'level' => self::LEVEL], ['minute']);
        $kinds = [
            'on' => [[], []],
            'off' => [[], []],
            'hold' => [
                [
                    'probe' => self::WORDS,
                    'startAt' => self::NUMBER,
                    'stopAt' => self::NUMBER,
                    'blind' => self::one(Blind::class),
                ],
                ['probe', 'startAt', 'stopAt'],
            ],
            'day' => [['points' => ['minItems' => 1] + self::list($point), 'ramp' => self::YES_NO], ['points']],
            'follow' => [
                ['outlet' => self::WORDS, 'inverse' => self::YES_NO, 'onDelayS' => self::AMOUNT, 'offDelayS' => self::AMOUNT],
                ['outlet'],
            ],
            'pulse' => [
                [
                    'minutes' => ['minItems' => 1] + self::list(self::NUMBER),
                    's' => self::AMOUNT,
                    'mlPerMin' => self::AMOUNT,
                    'capMl' => self::AMOUNT,
                ],
                ['minutes', 's', 'mlPerMin'],
            ],
            'refill' => [
                [
                    'low' => self::WORDS,
                    'high' => self::WORDS,
                    'store' => self::WORDS,
                    'dryS' => self::AMOUNT,
                    'longestS' => self::AMOUNT,
                    'restS' => self::AMOUNT,
                    'litresPerH' => self::AMOUNT,
                    'mostL' => self::AMOUNT,
                ],
                ['low', 'high', 'litresPerH'],
            ],
            'timed-run' => [['s' => self::AMOUNT], ['s']],
        ];
        $rules = [];
        foreach ($kinds as $kind => [$fields, $required]) {
            $rules[] = self::object(['kind' => ['const' => $kind]] + $fields, ['kind', ...$required]);
        }

        return $rules;
    }

    /** @return array<string, mixed> */
    private static function guard(): array
    {
        return self::object([
            'id' => self::WORDS,
            'outlet' => self::WORDS,
            'when' => ['minItems' => 1, 'maxItems' => 3] + self::list(self::condition()),
            'forS' => self::AMOUNT,
            'then' => self::LEVEL,
            'clears' => self::condition(),
            'rank' => self::one(GuardRank::class),
            'blind' => self::one(Blind::class),
        ], ['id', 'outlet', 'when', 'rank']);
    }

    /** @return array<string, mixed> */
    private static function condition(): array
    {
        return ['oneOf' => [
            self::object(['probe' => self::WORDS, 'above' => self::NUMBER], ['probe', 'above']),
            self::object(['probe' => self::WORDS, 'below' => self::NUMBER], ['probe', 'below']),
            self::object(['switch' => self::WORDS, 'closed' => self::YES_NO], ['switch']),
        ]];
    }

    /** @return array<string, mixed> */
    private static function alarm(): array
    {
        return self::object([
            'id' => self::WORDS,
            'probe' => self::WORDS,
            'switch' => self::WORDS,
            'outlet' => self::WORDS,
            'act' => self::says(self::WORDS, 'a guard, a refill or an outlet, by its id'),
            'silence' => self::YES_NO,
            'low' => self::NUMBER,
            'high' => self::NUMBER,
            'ratePerH' => ['type' => 'number', 'exclusiveMinimum' => 0],
            'frozen' => self::YES_NO,
            'closed' => self::YES_NO,
            'mostW' => self::AMOUNT,
            'delayS' => self::AMOUNT,
            'calls' => self::AMOUNT,
            'testedDaysAgo' => self::AMOUNT,
            'message' => self::WORDS,
        ], ['id']);
    }

    /** @return array<string, mixed> */
    private static function facts(): array
    {
        return self::object([
            'volumeL' => ['type' => 'number', 'minimum' => 0.1],
            'lossWK' => self::AMOUNT,
            'coldestC' => self::NUMBER,
            'hottestC' => self::NUMBER,
            'isSummer' => self::YES_NO,
            'backgroundW' => self::AMOUNT,
            'lowHarmC' => self::NUMBER,
            'highHarmC' => self::NUMBER,
            'evaporationLd' => self::AMOUNT,
            'helpMin' => self::AMOUNT,
            'sumpL' => ['type' => 'number', 'minimum' => 0.1],
            'returnL' => self::AMOUNT,
            'flowLh' => self::AMOUNT,
            'alkDkh' => ['type' => 'number', 'minimum' => 0.1],
            'ph' => ['type' => 'number', 'minimum' => 6.5],
            'hasClock' => self::YES_NO,
        ], []);
    }

    /**
     * @param  array<string, array<string, mixed>>  $fields
     * @param  list<string>  $required
     * @return array<string, mixed>
     */
    private static function object(array $fields, array $required): array
    {
        // What is left out and what is null are the same: nobody has said.
        $properties = [];
        foreach ($fields as $name => $field) {
            $properties[$name] = in_array($name, $required, true) ? $field : ['anyOf' => [$field, ['type' => 'null']]];
        }

        return ['type' => 'object', 'properties' => $properties, 'required' => $required, 'additionalProperties' => false];
    }

    /**
     * @param  array<string, mixed>  $items
     * @return array<string, mixed>
     */
    private static function list(array $items): array
    {
        return ['type' => 'array', 'items' => $items];
    }

    /**
     * @param  array<string, mixed>  $field
     * @return array<string, mixed>
     */
    private static function says(array $field, string $words): array
    {
        return ['description' => $words] + $field;
    }

    /**
     * @param  class-string<\BackedEnum>  $of
     * @return array<string, mixed>
     */
    private static function one(string $of): array
    {
        return ['enum' => array_column($of::cases(), 'value')];
    }
}
