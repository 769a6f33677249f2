<?php

declare(strict_types=1);

namespace App\Build\Views;

use App\Build\JointLook;
use App\Build\PlanVersion;
use App\Clients\Attachment;

/** One joint with what was seen of it at each moment of filling. */
final readonly class JointView
{
    /**
     * @param  array<string, bool>  $looks  dry or not, by moment
     * @param  list<array{id: int, href: string}>  $photos
     */
    private function __construct(public int $row, public string $name, public array $looks, public array $photos)
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
        $photos =
            $joints === [] || $version->system === null
                ? collect()
                : Attachment::query()
                    ->current()
                    ->where(['subject_type' => 'system', 'subject_id' => $version->system->id])
                    ->where('about', 'like', 'joint:%')
                    ->orderBy('id')
                    ->get(['id', 'about'])
                    ->groupBy('about');

        return array_map(
            fn (int $row, string $name): self => new self(
                $row,
                $name,
                $version->jointLooks
                    ->where('joint', $row)
                    ->mapWithKeys(fn (JointLook $l): array => [$l->moment => $l->dry])
                    ->all(),
                array_values(
                    ($photos->get("joint:{$row}") ?? collect())
                        ->map(fn (Attachment $a): array => ['id' => $a->id, 'href' => "/attachments/{$a->id}"])
                        ->all(),
                ),
            ),
            array_keys($joints),
            $joints,
        );
    }
}
