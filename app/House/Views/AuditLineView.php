<?php

declare(strict_types=1);

namespace App\House\Views;

use Spatie\Activitylog\Models\Activity;

final readonly class AuditLineView
{
    /** What a line may say beside old and new values. */
    private const MORE = [
        'reason' => 'reason',
        'path' => 'page',
        'email' => 'as',
        'from' => 'from',
        'was' => 'was',
        'is' => 'is',
        'rows' => 'rows',
    ];

    /** @param  list<string>  $changes */
    private function __construct(
        public int $id,
        public string $at,
        public string $who,
        public string $what,
        public array $changes,
    ) {
    }

    /** @param  array<int, string>  $people  names by number, of those the lines speak of */
    public static function of(Activity $activity, array $people = []): self
    {
        $changes = [];
        /** @var array<string, mixed> $new */
        $new = $activity->properties?->get('attributes', []) ?? [];
        /** @var array<string, mixed> $old */
        $old = $activity->properties?->get('old', []) ?? [];
        foreach ($new as $field => $value) {
            $changes[] =
                $field.
                ': '.
                (array_key_exists($field, $old) ? self::short($old[$field]).' → ' : '').
                self::short($value);
        }
        foreach (self::MORE as $key => $word) {
            $said = $activity->properties?->get($key);
            if (is_scalar($said)) {
                $changes[] = "{$word}: ".self::short($said);
            }
        }
        if ($activity->getAttribute('erased_by') !== null) {
            $changes[] = 'what it said was erased';
        }
        $causer = $activity->causer?->getAttribute('name');

        return new self(
            (int) $activity->id,
            $activity->created_at?->toIso8601ZuluString() ?? '',
            is_string($causer) ? $causer : 'the system',
            trim(self::subject($activity, $people).' '.$activity->description),
            $changes,
        );
    }

    /**
     * Somebody by name, and oneself not again; anything else by kind and number.
     *
     * @param  array<int, string>  $people
     */
    private static function subject(Activity $activity, array $people): string
    {
        if ($activity->subject_type !== 'user') {
            return trim(str_replace('_', ' ', (string) $activity->subject_type).' '.$activity->subject_id);
        }

        return $activity->causer_type === 'user' && $activity->causer_id === $activity->subject_id
            ? ''
            : $people[(int) $activity->subject_id] ?? "user {$activity->subject_id}";
    }

    private static function short(mixed $value): string
    {
        $text = is_scalar($value)
            ? (is_bool($value)
                ? ($value
                    ? 'yes'
                    : 'no')
                : (string) $value)
            : ($value === null
                ? 'nothing'
                : (string) json_encode($value, JSON_UNESCAPED_UNICODE));

        return mb_strlen($text) > 120 ? mb_substr($text, 0, 117).'…' : $text;
    }
}
