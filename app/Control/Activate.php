<?php

declare(strict_types=1);

namespace App\Control;

use App\House\Trail;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Sets a draft to work: the one that ran is kept as it was, and nothing of either is ever changed again. */
final class Activate
{
    public static function of(Controller $controller, string $why, User $user): SetUp
    {
        return DB::transaction(function () use ($controller, $why, $user): SetUp {
            Controller::query()->whereKey($controller->id)->lockForUpdate()->sole();
            $draft = $controller->setUps()->where('state', SetUp::DRAFT)->first();
            if ($draft === null) {
                throw ValidationException::withMessages(['why' => 'There is no draft to set to work.']);
            }
            $controller->setUps()->where('state', SetUp::RUNNING)->update(['state' => SetUp::PAST]);
            $draft->update([
                'state' => SetUp::RUNNING,
                'hash' => SetUp::hashOf($draft->document),
                'why' => $why,
                'activated_by' => $user->id,
                'activated_at' => now(),
            ]);
            Trail::write('activated', "set-up {$draft->number} activated", $controller);

            return $draft;
        });
    }
}
