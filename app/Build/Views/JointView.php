<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\JointLook;
use App\Build\PlanVersion;

/** One joint with what was seen of it at each moment of filling. */
final readonly class JointView
{
    /** @param  array<string, bool>  $looks  dry or not, by moment */
    private function __construct(public int $row, public string $name, public array $looks)
    {
    }

    /**
     * The version is loaded with jointLooks.
     *
     * @return list<self>
     */
    public static function all(PlanVersion $version): array
    {
        $joints = $version->joints();

        return array_map(fn (int $row, string $name): self => new self($row, $name, $version->jointLooks->where('joint', $row)->mapWithKeys(fn (JointLook $l): array => [$l->moment => $l->dry])->all()), array_keys($joints), $joints);
    }
}
