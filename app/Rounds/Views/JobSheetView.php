<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\TaskType;

/** A job sheet in its version in force. */
final readonly class JobSheetView
{
    /**
     * @param  list<array{text: string, productId: int|null, hold: bool}>  $steps
     * @param  list<string>  $cautions
     * @param  list<string>  $tools
     * @param  list<string>  $materials
     */
    private function __construct(
        public int $id,
        public string $name,
        public int $version,
        public ?string $on,
        public float $everyDays,
        public float $minutes,
        public int $persons,
        public array $steps,
        public array $cautions,
        public bool $build,
        /** How it looks is kept before the first step. */
        public bool $photoFirst,
        public string $purpose,
        public string $whenNot,
        public array $tools,
        public array $materials,
        public string $proof,
        public string $record,
    ) {
    }

    public static function of(TaskType $t): self
    {
        $products = $t->products;

        return new self(
            id: $t->id,
            name: $t->name,
            version: $t->version,
            on: $t->version_on?->toDateString(),
            everyDays: $t->every_days,
            minutes: $t->minutes,
            persons: $t->persons,
            steps: array_map(
                fn (int $n, string $text): array => [
                    'text' => $text,
                    'productId' => $products[$n] ?? null,
                    'hold' => in_array($n, $t->holds, true),
                ],
                array_keys($t->steps),
                $t->steps,
            ),
            cautions: $t->cautions,
            build: $t->build,
            photoFirst: $t->photo_first,
            purpose: self::words($t, 'purpose'),
            whenNot: self::words($t, 'whenNot'),
            tools: self::list($t, 'tools'),
            materials: self::list($t, 'materials'),
            proof: self::words($t, 'proof'),
            record: self::words($t, 'record'),
        );
    }

    private static function words(TaskType $t, string $key): string
    {
        $value = $t->about[$key] ?? '';

        return is_string($value) ? $value : '';
    }

    /** @return list<string> */
    private static function list(TaskType $t, string $key): array
    {
        $value = $t->about[$key] ?? [];

        return is_array($value) ? $value : [];
    }
}
