<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\TaskType;

/** A job sheet in its version in force. */
final readonly class JobSheetView
{
    /**
     * @param  list<array{text: string, productId: int|null}>  $steps
     * @param  list<string>  $cautions
     */
    private function __construct(public int $id, public string $name, public int $version, public ?string $on, public float $everyDays, public float $minutes, public int $persons, public array $steps, public array $cautions)
    {
    }

    public static function of(TaskType $t): self
    {
        $products = $t->products;

        return new self(
            $t->id, $t->name, $t->version, $t->version_on?->toDateString(), $t->every_days, $t->minutes, $t->persons,
            array_map(fn (int $n, string $text): array => ['text' => $text, 'productId' => $products[$n] ?? null], array_keys($t->steps), $t->steps), $t->cautions,
        );
    }
}
