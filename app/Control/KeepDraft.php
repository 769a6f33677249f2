<?php

declare(strict_types=1);

namespace App\Control;

use App\Team\User;
use Illuminate\Support\Facades\DB;

/** Keeps a set-up while it is written. Whoever writes upon the revision he read wins; the other is told. */
final class KeepDraft
{
    /**
     * @param  array<array-key, mixed>  $document
     * @return bool false: somebody else has written since
     */
    public static function of(Controller $controller, array $document, int $revision, User $user): bool
    {
        return DB::transaction(function () use ($controller, $document, $revision, $user): bool {
            Controller::query()->whereKey($controller->id)->lockForUpdate()->sole();
            $draft = $controller->setUps()->where('state', SetUp::DRAFT)->first();
            if ($draft === null) {
                if ($revision !== 0) {
                    return false;
                }
                self::begin($controller, $document, $user);

                return true;
            }
            if ($draft->revision !== $revision) {
                return false;
            }
            $draft->update(['document' => $document, 'revision' => $revision + 1, 'user_id' => $user->id]);

            return true;
        });
    }

    /** @param  array<array-key, mixed>  $document */
    private static function begin(Controller $controller, array $document, User $user): void
    {
        $controller->setUps()->create([
            'number' => 1 + (int) $controller->setUps()->max('number'),
            'state' => SetUp::DRAFT,
            'document' => $document,
            'revision' => 1,
            'user_id' => $user->id,
        ]);
    }
}
